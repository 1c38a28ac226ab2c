<?php

declare(strict_types=1);

namespace App\ShopFloor\Commands;

use Aenum\Core\Preparation\Blasting\Sweep;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Errors\Refused;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Commands\ChangeRoute;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Facades\DB;

/** Sends steel that stood bare too long back to Blast, with a sweep blast before its first coat. */
final class SweepAgain
{
    /** @throws Refused where its clock has not run over */
    public function __invoke(Batch $batch, User $by): void
    {
        if (BareSteelTimer::overrun($batch) === null) {
            throw Refused::because(['clock' => "{$batch->partName()} has not stood bare too long."]);
        }
        $this->because($batch, $by, 'Bare steel past its time');
    }

    /** For another reason: what a bake-out brought up, say. */
    public function because(Batch $batch, User $by, string $why, StepKind ...$undone): void
    {
        DB::transaction(function () use ($batch, $by, $why, $undone): void {
            $this->planSweep($batch->part, $why);
            $this->reopen($batch, $by, $why);
            if ($batch->station !== Station::Blast) {
                (new MoveBatch())->send($batch, $by, Station::Blast, "{$why}: sweep-blast again.", $batch->station);
            }
            $walk = RoutingProgress::of($batch->refresh())->walk;
            foreach ($walk->steps as $n => $step) {
                if (in_array($step->kind, $undone, true) && ! $walk->isOpen($n)) {
                    CompleteStep::reopen($batch, $by, $walk->keys[$n]->text(), "{$why}.");
                }
            }
        });
    }

    /** What was swept once is to be swept again. */
    private function reopen(Batch $batch, User $by, string $why): void
    {
        $walk = RoutingProgress::of($batch->refresh())->walk;
        $coat = $walk->firstOpen(null, StepKind::Coat) ?? count($walk->steps);
        for ($n = $coat - 1; $n >= 0; $n--) {
            if ($walk->steps[$n]->kind === StepKind::SweepBlast) {
                if (! $walk->isOpen($n)) {
                    CompleteStep::reopen($batch, $by, $walk->keys[$n]->text(), "{$why}.");
                }

                return;
            }
        }
    }

    /** Asked for twice, it is swept once. */
    private function planSweep(Part $part, string $because): void
    {
        $route = PartRoute::of($part);
        $at = $route->plan()->first(StepKind::Coat) ?? count($route->steps);
        if (($route->steps[$at - 1] ?? null)?->kind === StepKind::SweepBlast) {
            return;
        }
        $why = "{$because}: what is on it comes off, and the clock on bare steel starts anew.";
        $minutes = Sweep::minutes($route->facts->part->areaOfAllM2());
        $sweep = new Step(StepKind::SweepBlast, $minutes, 0, $why);
        ChangeRoute::write($part, ChangeRoute::insert($route->steps, $at, $sweep));
    }
}

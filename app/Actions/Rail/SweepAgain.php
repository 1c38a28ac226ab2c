<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Blast\Sweep;
use Aenum\Core\Job\Step;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\TickStep;
use App\Actions\Route\ChangeRoute;
use App\Actions\Route\PartRoute;
use App\Models\Lot;
use App\Models\Part;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Steel that stood bare too long goes back to the nozzle: a sweep-blast before the first coat, and its lot to Blast.
 */
final class SweepAgain
{
    /** @throws ValidationException where its clock has not run over */
    public function __invoke(Lot $lot, User $by): void
    {
        if (BareSteelWatch::overrun($lot) === null) {
            throw ValidationException::withMessages(['clock' => "{$lot->partName()} has not stood bare too long."]);
        }
        $this->because($lot, $by, 'Bare steel past its time');
    }

    /** For another reason: what a bake-out brought up, say. */
    public function because(Lot $lot, User $by, string $why, StepKind ...$undone): void
    {
        DB::transaction(function () use ($lot, $by, $why, $undone): void {
            $this->planSweep($lot->part, $why);
            $this->reopen($lot, $by, $why);
            if ($lot->station !== Station::Blast) {
                (new MoveLot())->send($lot, $by, Station::Blast, "{$why}: sweep-blast again.", $lot->station);
            }
            $walk = LotWalk::of($lot->refresh())->walk;
            foreach ($walk->steps as $n => $step) {
                if (in_array($step->kind, $undone, true) && ! $walk->isOpen($n)) {
                    TickStep::reopen($lot, $by, $walk->keys[$n]->text(), "{$why}.");
                }
            }
        });
    }

    /** What was swept once is to be swept again. */
    private function reopen(Lot $lot, User $by, string $why): void
    {
        $walk = LotWalk::of($lot->refresh())->walk;
        $coat = $walk->firstOpen(null, StepKind::Coat) ?? count($walk->steps);
        for ($n = $coat - 1; $n >= 0; $n--) {
            if ($walk->steps[$n]->kind === StepKind::SweepBlast) {
                if (! $walk->isOpen($n)) {
                    TickStep::reopen($lot, $by, $walk->keys[$n]->text(), "{$why}.");
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

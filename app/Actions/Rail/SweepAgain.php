<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Blast\Sweep;
use Aenum\Core\Job\Step;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Route\ChangeRoute;
use App\Actions\Route\PartRoute;
use App\Models\Part;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Steel that stood bare too long goes back to the nozzle: a sweep-blast before the first coat, and the job to Blast.
 */
final class SweepAgain
{
    /** @throws ValidationException where its clock has not run over */
    public function __invoke(Part $part, User $by): void
    {
        DB::transaction(function () use ($part, $by): void {
            $job = $part->job;
            if (BareSteelWatch::overrun($job) === null) {
                throw ValidationException::withMessages(['clock' => "{$part->name} has not stood bare too long."]);
            }
            $this->planSweep($part);
            if ($job->station !== Station::Blast) {
                $why = 'Bare steel past its time: sweep-blast again.';
                (new MoveJob())->send($job, $by, Station::Blast, $why, $job->station);
            }
        });
    }

    /** Asked for twice, it is swept once. */
    private function planSweep(Part $part): void
    {
        $route = PartRoute::of($part);
        $at = $route->plan()->first(StepKind::Coat) ?? count($route->steps);
        if (($route->steps[$at - 1] ?? null)?->kind === StepKind::SweepBlast) {
            return;
        }
        $why = 'It stood bare past its time: flash rust comes off, and the clock starts anew.';
        $minutes = Sweep::minutes($route->facts->part->areaOfAllM2());
        $sweep = new Step(StepKind::SweepBlast, $minutes, 0, $why);
        ChangeRoute::write($part, ChangeRoute::insert($route->steps, $at, $sweep));
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Route\Station;
use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use App\Actions\Rail\MoveJob;
use App\Actions\Route\PartRoute;
use App\Models\Part;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Steel that stood bare too long goes back to the nozzle: a sweep-blast before the first coat, and the job to Blast. */
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
            $steps = PartRoute::of($part)->steps;
            $at = count($steps);
            foreach ($steps as $n => $step) {
                if ($step->kind === StepKind::Coat) {
                    $at = $n;
                    break;
                }
            }
            // Asked for twice, it is swept once.
            if (($steps[$at - 1] ?? null)?->kind !== StepKind::SweepBlast) {
                $sweep = new Step(StepKind::SweepBlast, 60 * $part->count * $part->area_m2 / RouteTimes::SWEEP_M2_PER_H, 0, 'It stood bare past its time: flash rust comes off, and the clock starts anew.');
                $part->update(['route' => array_map(fn (Step $step): array => $step->told(), [...array_slice($steps, 0, $at), $sweep, ...array_slice($steps, $at)])]);
            }
            if ($job->station !== Station::Blast) {
                (new MoveJob)->send($job, $by, Station::Blast, 'Bare steel past its time: sweep-blast again.', $job->station);
            }
        });
    }
}

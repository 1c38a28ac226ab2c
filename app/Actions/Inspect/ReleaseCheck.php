<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Cure\CureState;
use App\Actions\Mask\MasksOfPart;
use App\Models\Coat;
use App\Models\Job;

/** What stands between a job and its customer. */
final readonly class ReleaseCheck
{
    /**
     * @param  list<string>  $stops  nothing leaves while one of these stands
     * @param  list<string>  $doubts  may leave when the one who releases says why
     */
    private function __construct(public array $stops, public array $doubts)
    {
    }

    public static function of(Job $job): self
    {
        $stops = $doubts = [];
        foreach ($job->parts as $part) {
            foreach ($part->coats as $coat) {
                self::judge(
                    $coat,
                    "{$part->name}, coat {$coat->position} ({$coat->powder->name})",
                    $stops,
                    $doubts,
                );
            }
            array_push($stops, ...MasksOfPart::open($part));
            foreach ($part->bags as $bag) {
                if (! $bag->isBack()) {
                    $stops[] =
                        "{$part->name}, bag {$bag->name}: ".
                        ($bag->counted_back === null
                            ? "{$bag->count} not counted back yet."
                            : "{$bag->counted_back} of {$bag->count} counted back.");
                }
            }
            if ($part->coats->isEmpty()) {
                $doubts[] = "{$part->name} has no coat planned.";
            }
        }
        if ($job->parts->isEmpty()) {
            $stops[] = 'The job has no parts.';
        }

        return new self($stops, $doubts);
    }

    /**
     * @param  list<string>  $stops
     * @param  list<string>  $doubts
     *
     * @param-out  list<string>  $stops
     * @param-out  list<string>  $doubts
     */
    private static function judge(Coat $coat, string $name, array &$stops, array &$doubts): void
    {
        if ($coat->results->isEmpty()) {
            $stops[] = "{$name} has not been baked.";
        } elseif ($coat->results->contains(fn ($result): bool => $result->state === CureState::Overbaked)) {
            $doubts[] = "{$name} was over-baked.";
        } elseif (! $coat->isDone()) {
            $stops[] = "{$name} is not cured.";
        }
        foreach (['solvent_rub' => 'solvent rub', 'film' => 'film thickness'] as $kind => $label) {
            $latest = $coat->inspections->firstWhere('kind', $kind);
            if ($latest === null && $coat->bake_to === 'full') {
                $doubts[] = "{$name}: no {$label} recorded.";
            } elseif ($latest !== null && $latest->verdict === 'fail') {
                $kind === 'film'
                    ? ($doubts[] = "{$name}: film is outside the sheet's band.")
                    : ($stops[] = "{$name}: the solvent rub failed.");
            }
        }
    }
}

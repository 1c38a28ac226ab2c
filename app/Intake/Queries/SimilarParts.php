<?php

declare(strict_types=1);

namespace App\Intake\Queries;

use Aenum\Core\Units\Dimension;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Defect;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Presentation\Units;

/** What was learned from the last parts of the same name. */
final class SimilarParts
{
    private const MOST = 3;

    /** @return list<array{part: Part, learned: list<string>}> the latest first */
    public static function of(Part $part): array
    {
        $units = Units::current();
        $like = Part::query()
            ->with(['job', 'coats.powder', 'coats.results.ovenLoad.oven', 'coats.inspections'])
            ->whereKeyNot($part->id)->where('name', $part->name)->whereNull('withdrawn_at')
            ->orderByDesc('id')->limit(self::MOST);

        return array_values(
            $like
                ->get()
                ->map(fn (Part $other): array => ['part' => $other, 'learned' => self::learned($other, $units)])
                ->filter(fn (array $one): bool => $one['learned'] !== [])
                ->all(),
        );
    }

    /**
     * @return list<string> what was learned of this very part; its coats' powders, results and inspections are loaded
     */
    public static function ofOne(Part $part): array
    {
        return self::learned($part, Units::current());
    }

    /** @return list<string> */
    private static function learned(Part $part, Units $units): array
    {
        $learned = self::defects($part);
        foreach ($part->coats as $coat) {
            $last = $coat->results->sortBy('id')->last();
            if (
                $last instanceof OvenResult &&
                $last->ovenLoad->pulled_at !== null &&
                $last->ovenLoad->shut_at !== null
            ) {
                $learned[] = sprintf(
                    '%s %s: %s in the %s, pulled after %s; %s, dose %s.',
                    ucfirst($coat->role),
                    $coat->powder->name,
                    $units->temp($last->ovenLoad->setpoint_c),
                    $last->ovenLoad->oven->name,
                    Units::minutes($last->ovenLoad->shut_at->diffInMinutes($last->at ?? $last->ovenLoad->pulled_at)),
                    $last->state?->label(),
                    number_format((float) $last->dose, 2),
                );
            }
            foreach (self::found($coat, $units) as $line) {
                $learned[] = $line;
            }
        }

        return $learned;
    }

    /** @return list<string> what went wrong, what it was from, what was done: first, since it is what costs */
    private static function defects(Part $part): array
    {
        return array_values($part->loadMissing('defects.reworks')->defects->map(fn (Defect $one): string => sprintf(
            '%s on %d of %d%s: %s.',
            ucfirst($one->kind->label()),
            $one->pieces,
            $part->count,
            $one->cause === null ? '' : ", from {$one->cause->label()}",
            $one->state(),
        ))->all());
    }

    /** @return list<string> */
    private static function found(Coat $coat, Units $units): array
    {
        $film = $coat->inspections->firstWhere('kind', 'film');
        $rub = $coat->inspections->firstWhere('kind', 'solvent_rub');

        return array_values(
            array_filter([
                $film === null
                    ? null
                    : sprintf(
                        'Film came to %s in the mean, %s the sheet.',
                        $units->show(Dimension::Film, $film->film()?->mean),
                        $film->verdict === 'pass' ? 'within' : 'outside',
                    ),
                $rub === null ? null : "Solvent rub {$rub->rating} of 5.",
            ]),
        );
    }
}

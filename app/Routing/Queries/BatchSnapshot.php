<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Database\LevelLoader;
use Illuminate\Database\Eloquent\Collection;

/**
 * What the queries of a batch read: its part, coats, route, readings and what was done, loaded once, one statement a
 * level. Whatever is loaded already is kept.
 */
final class BatchSnapshot
{
    /** Of a part: what its route, its coats and their cure status rest on. */
    private const PART = [
        'job', 'batches', 'traits', 'steps', 'rack', 'ways', 'signatures', 'pins', 'logLines.figures',
        'logLines.user', 'ovenResults',
        'coats.powder.rows', 'coats.results', 'coats.inspections.ovenLog',
        'reworks.steps', 'reworks.coats.powder.rows', 'reworks.coats.results', 'reworks.coats.inspections.ovenLog',
    ];

    /** What tells the pasts of several batches of one part apart. */
    public const OF_SEVERAL_BATCHES = ['ovenItems', 'inspections'];

    /** Of a batch in hand: what its page shows besides. */
    private const IN_HAND = [
        'part.job.customer', 'part.job.moves.user', 'part.coats.inspections.user', 'part.pins.fittings.mask',
        'part.clocks', 'part.sections', 'part.pictures', 'part.bags', 'clocks',
    ];

    public static function ofBatch(Batch $batch): void
    {
        self::ofBatches(new Collection([$batch]));
    }

    /** @param  Collection<int, Batch>  $batches */
    public static function ofBatches(Collection $batches): void
    {
        LevelLoader::loadMissing($batches, self::relations());
        self::share($batches);
    }

    public static function ofPart(Part $part): void
    {
        LevelLoader::loadMissing(new Collection([$part]), self::PART);
        $part->knit();
    }

    /**
     * Of batches in a list, and of one of them in hand.
     *
     * @param  Collection<int, Batch>  $batches
     * @param  list<string>  $listed  relations of every batch
     */
    public static function withInHand(Collection $batches, ?Batch $inHand, array $listed): void
    {
        $others = $batches->reject(fn (Batch $batch): bool => $batch === $inHand);
        LevelLoader::loadEach([
            [$others->values(), $listed],
            [new Collection(array_filter([$inHand])), [...$listed, ...self::relations(), ...self::IN_HAND]],
        ]);
        self::share($batches);
    }

    /** @return list<string> of a batch: what is loaded of it */
    public static function relations(): array
    {
        return ['marks.user', ...array_map(fn (string $name): string => "part.{$name}", self::PART)];
    }

    /**
     * Batches of one part know the same part, and its coats know it.
     *
     * @param  Collection<int, Batch>  $batches
     */
    private static function share(Collection $batches): void
    {
        foreach ($batches as $batch) {
            $batch->part->knit();
        }
        $parts = $batches->map(fn (Batch $batch): Part => $batch->part)
            ->filter(fn (Part $part): bool => $part->relationLoaded('ovenResults') && $part->batches->count() > 1);
        LevelLoader::loadMissing(new Collection($parts->all()), self::OF_SEVERAL_BATCHES);
    }
}

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
    public const PART = [
        'job', 'batches.marks.user', 'traits', 'steps', 'rack', 'ways', 'signatures', 'pins', 'logLines.figures',
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
        self::ofParts(self::partsOf($batches));
    }

    public static function ofPart(Part $part): void
    {
        self::ofParts(new Collection([$part]));
    }

    /** @param  Collection<int, Part>  $parts */
    public static function ofParts(Collection $parts): void
    {
        LevelLoader::loadMissing($parts, self::PART);
        foreach ($parts as $part) {
            $part->knit();
        }
        $several = $parts->filter(fn (Part $part): bool => $part->batches->count() > 1)->values();
        LevelLoader::loadMissing($several, self::OF_SEVERAL_BATCHES);
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
        $batches->each(fn (Batch $batch) => $batch->part->knit());
        self::ofParts(self::partsOf($batches->filter(
            fn (Batch $batch): bool => $batch->part->relationLoaded('ovenResults'),
        )));
    }

    /** @return list<string> of a model whose relation to parts has that name */
    public static function ofPartsOf(string $relation): array
    {
        return array_map(fn (string $name): string => "{$relation}.{$name}", self::PART);
    }

    /** @return list<string> of a batch: what is loaded of it */
    public static function relations(): array
    {
        return ['marks.user', ...self::ofPartsOf('part')];
    }

    /**
     * @param  Collection<int, Batch>  $batches
     * @return Collection<int, Part>
     */
    private static function partsOf(Collection $batches): Collection
    {
        return new Collection($batches->map(fn (Batch $batch): Part => $batch->part)->unique()->values()->all());
    }
}

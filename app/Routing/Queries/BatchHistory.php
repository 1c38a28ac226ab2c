<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use Carbon\CarbonImmutable;

/**
 * History of the pieces of a batch: in this batch, in those it was split from, in those joined into it.
 *
 * Joined pieces have separate histories, called strands; a statement about the batch has to hold for each. A stay is a
 * batch with the time from and to.
 *
 * @phpstan-type Stay array{int, ?CarbonImmutable, ?CarbonImmutable}
 */
final readonly class BatchHistory
{
    /**
     * @param  non-empty-list<list<Stay>>  $strands  lots that were ever in an oven, or inspected
     * @param  list<Stay>  $reach  every lot any of its pieces were in
     */
    private function __construct(private array $strands, private array $reach)
    {
    }

    public static function of(Batch $batch): self
    {
        $batch->loadMissing('part.batches');
        if ($batch->part->batches->count() === 1) {
            $only = [[$batch->id, null, null]];

            return new self([$only], $only);
        }
        $marked = self::marked($batch->part);

        return new self(self::strands($batch, null, $marked), self::reach($batch, null));
    }

    /** How many pasts its pieces have. */
    public function count(): int
    {
        return count($this->strands);
    }

    /** Whether the pieces of a strand were in a lot at a moment. */
    public function lived(int $strand, ?int $batch, ?CarbonImmutable $at): bool
    {
        return self::stayed($this->strands[$strand] ?? [], $batch, $at);
    }

    /** Whether any of its pieces were in a lot at a moment. */
    public function any(?int $batch, ?CarbonImmutable $at): bool
    {
        return self::stayed($this->reach, $batch, $at);
    }

    /** @param  list<Stay>  $stays */
    private static function stayed(array $stays, ?int $batch, ?CarbonImmutable $at): bool
    {
        foreach ($stays as [$own, $from, $until]) {
            $in = $at === null || (($from === null || $at->gte($from)) && ($until === null || $at->lte($until)));
            if ($own === $batch && $in) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, true> batches of a part that were in an oven or inspected; the others tell no pasts apart */
    private static function marked(Part $part): array
    {
        $part->loadMissing(BatchSnapshot::OF_SEVERAL_BATCHES);
        $batches = $part->ovenItems->pluck('batch_id')->concat($part->inspections->pluck('batch_id'));

        return array_fill_keys($batches->filter()->all(), true);
    }

    /**
     * Pasts that are told apart by nothing are one: joined and split however often, there are no more than differ.
     *
     * @param  array<int, true>  $marked
     * @param  array<int, true>  $path  lots that led here: nothing is joined into its own past
     * @return non-empty-list<list<Stay>>
     */
    private static function strands(Batch $batch, ?CarbonImmutable $until, array $marked, array $path = []): array
    {
        $own = fn (?CarbonImmutable $from): array => isset($marked[$batch->id]) ? [[$batch->id, $from, $until]] : [];
        $path[$batch->id] = true;
        $parent = self::parent($batch);
        $before = $parent === null ? [[]] : self::strands($parent, $batch->born_at, $marked, $path);
        $strands = array_map(fn (array $past): array => [...$past, ...$own(null)], $before);
        foreach (self::joined($batch, $until, $path) as $joined) {
            foreach (self::strands($joined, $joined->ended_at, $marked, $path) as $past) {
                $strands[] = [...$past, ...$own($joined->ended_at)];
            }
        }
        $named = [];
        foreach ($strands as $strand) {
            $named[self::name($strand)] = $strand;
        }

        return array_values($named) ?: [[]];
    }

    /**
     * @param  array<int, true>  $path
     * @return list<Stay>
     */
    private static function reach(Batch $batch, ?CarbonImmutable $until, array $path = []): array
    {
        $path[$batch->id] = true;
        $parent = self::parent($batch);
        $stays = [[$batch->id, null, $until], ...$parent === null ? [] : self::reach($parent, $batch->born_at, $path)];
        foreach (self::joined($batch, $until, $path) as $joined) {
            array_push($stays, ...self::reach($joined, $joined->ended_at, $path));
        }
        $named = [];
        foreach ($stays as $stay) {
            $named[self::name([$stay])] = $stay;
        }

        return array_values($named);
    }

    private static function parent(Batch $batch): ?Batch
    {
        $parent = $batch->from_batch_id === null ? null : $batch->part->batches->firstWhere(
            'id',
            $batch->from_batch_id,
        );

        return $parent?->setRelation('part', $batch->part);
    }

    /**
     * @param  array<int, true>  $path
     * @return list<Batch> that were joined into it up to a moment
     */
    private static function joined(Batch $batch, ?CarbonImmutable $until, array $path): array
    {
        $is = fn (Batch $one): bool => $one->joined_into === $batch->id && $one->ended_at !== null &&
            ! isset($path[$one->id]) && ($until === null || $one->ended_at->lte($until));
        $joined = $batch->part->batches->filter($is);

        return array_values($joined->map(fn (Batch $one): Batch => $one->setRelation('part', $batch->part))->all());
    }

    /** @param  list<Stay>  $stays */
    private static function name(array $stays): string
    {
        $moment = fn (?CarbonImmutable $at): string => $at?->format('U.v') ?? '';

        $named = fn (array $one): string => "{$one[0]}:{$moment($one[1])}:{$moment($one[2])}";

        return implode(' ', array_map($named, $stays));
    }
}

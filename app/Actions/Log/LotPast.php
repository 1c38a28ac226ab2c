<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\Lot;
use App\Support\ThisRequest;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * What a lot's pieces have lived through: in this lot, in those it was split from, in those that were joined into it.
 *
 * Pieces that were joined have pasts of their own; each is a strand, and what is said of the lot holds of every one.
 *
 * A stay is a lot, from when and until when.
 *
 * @phpstan-type Stay array{int, ?CarbonImmutable, ?CarbonImmutable}
 */
final readonly class LotPast
{
    /**
     * @param  non-empty-list<list<Stay>>  $strands  lots that were ever in an oven, or inspected
     * @param  list<Stay>  $reach  every lot any of its pieces were in
     */
    private function __construct(private array $strands, private array $reach)
    {
    }

    public static function of(Lot $lot): self
    {
        $lot->loadMissing('part.lots');
        if ($lot->part->lots->count() === 1) {
            $only = [[$lot->id, null, null]];

            return new self([$only], $only);
        }
        $rows = Hanging::gather($lot->part, 'marked lots', self::marked(...))
            ?? ThisRequest::once("marked {$lot->part_id}", fn (): array => self::marked([$lot->part_id])->all());
        $marked = array_fill_keys(array_map(fn (\stdClass $row): int => (int) $row->lot_id, $rows), true);

        return new self(self::strands($lot, null, $marked), self::reach($lot, null));
    }

    /** How many pasts its pieces have. */
    public function count(): int
    {
        return count($this->strands);
    }

    /** Whether the pieces of a strand were in a lot at a moment. */
    public function lived(int $strand, ?int $lot, ?CarbonImmutable $at): bool
    {
        return self::stayed($this->strands[$strand] ?? [], $lot, $at);
    }

    /** Whether any of its pieces were in a lot at a moment. */
    public function any(?int $lot, ?CarbonImmutable $at): bool
    {
        return self::stayed($this->reach, $lot, $at);
    }

    /** @param  list<Stay>  $stays */
    private static function stayed(array $stays, ?int $lot, ?CarbonImmutable $at): bool
    {
        foreach ($stays as [$own, $from, $until]) {
            $in = $at === null || (($from === null || $at->gte($from)) && ($until === null || $at->lte($until)));
            if ($own === $lot && $in) {
                return true;
            }
        }

        return false;
    }

    /**
     * Lots of parts that were in an oven or inspected; the others tell no pasts apart.
     *
     * @param  list<int>  $parts
     * @return Collection<int, \stdClass> part_id, lot_id
     */
    private static function marked(array $parts): Collection
    {
        $baked = DB::table('oven_load_items')->whereIn('part_id', $parts)->whereNotNull('lot_id');
        $seen = DB::table('inspections')->join('coats', 'coats.id', '=', 'coat_id');
        $seen->whereIn('part_id', $parts)->whereNotNull('lot_id')->select(['part_id', 'lot_id']);

        return $baked->select(['part_id', 'lot_id'])->union($seen)->get();
    }

    /**
     * Pasts that are told apart by nothing are one: joined and split however often, there are no more than differ.
     *
     * @param  array<int, true>  $marked
     * @param  array<int, true>  $path  lots that led here: nothing is joined into its own past
     * @return non-empty-list<list<Stay>>
     */
    private static function strands(Lot $lot, ?CarbonImmutable $until, array $marked, array $path = []): array
    {
        $own = fn (?CarbonImmutable $from): array => isset($marked[$lot->id]) ? [[$lot->id, $from, $until]] : [];
        $path[$lot->id] = true;
        $parent = self::parent($lot);
        $before = $parent === null ? [[]] : self::strands($parent, $lot->born_at, $marked, $path);
        $strands = array_map(fn (array $past): array => [...$past, ...$own(null)], $before);
        foreach (self::joined($lot, $until, $path) as $joined) {
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
    private static function reach(Lot $lot, ?CarbonImmutable $until, array $path = []): array
    {
        $path[$lot->id] = true;
        $parent = self::parent($lot);
        $stays = [[$lot->id, null, $until], ...$parent === null ? [] : self::reach($parent, $lot->born_at, $path)];
        foreach (self::joined($lot, $until, $path) as $joined) {
            array_push($stays, ...self::reach($joined, $joined->ended_at, $path));
        }
        $named = [];
        foreach ($stays as $stay) {
            $named[self::name([$stay])] = $stay;
        }

        return array_values($named);
    }

    private static function parent(Lot $lot): ?Lot
    {
        $parent = $lot->from_lot_id === null ? null : $lot->part->lots->firstWhere('id', $lot->from_lot_id);

        return $parent?->setRelation('part', $lot->part);
    }

    /**
     * @param  array<int, true>  $path
     * @return list<Lot> that were joined into it up to a moment
     */
    private static function joined(Lot $lot, ?CarbonImmutable $until, array $path): array
    {
        $is = fn (Lot $one): bool => $one->joined_into === $lot->id && $one->ended_at !== null &&
            ! isset($path[$one->id]) && ($until === null || $one->ended_at->lte($until));
        $joined = $lot->part->lots->filter($is);

        return array_values($joined->map(fn (Lot $one): Lot => $one->setRelation('part', $lot->part))->all());
    }

    /** @param  list<Stay>  $stays */
    private static function name(array $stays): string
    {
        $moment = fn (?CarbonImmutable $at): string => $at?->format('U.v') ?? '';

        $named = fn (array $one): string => "{$one[0]}:{$moment($one[1])}:{$moment($one[2])}";

        return implode(' ', array_map($named, $stays));
    }
}

<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PowderNeed;
use Aenum\Core\Application\Transfer;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\Shop;
use App\Application\Models\Spraying;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Platform\Cache\RequestMemo;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Routing\Queries\BatchCoats;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\BatchSnapshot;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Stock of a powder by lot, what open jobs will use, and whether it is time to order. */
final readonly class PowderStock
{
    /** Its use is what it was in so many days. House figure. */
    private const LOOK_BACK_DAYS = 60;

    /** A supplier who has not said takes so many days. House figure. */
    private const USUAL_DAYS = 7;

    /** @param  array<int, float>  $leftG  by lot */
    private function __construct(
        public Powder $powder,
        public array $leftG,
    ) {
    }

    /**
     * @param  Collection<int, Powder>  $powders
     * @return array<int, self> by powder
     */
    public static function all(Collection $powders): array
    {
        $all = [];
        foreach ($powders as $powder) {
            $left = [];
            foreach ($powder->lots as $lot) {
                $left[$lot->id] = self::leftG($lot);
            }
            $all[$powder->id] = new self($powder, $left);
        }

        return $all;
    }

    public static function of(Powder $powder): self
    {
        return self::all(collect([$powder]))[$powder->id];
    }

    /** What is left of a lot, g: as it was last weighed, less what went out since and did not come back. */
    public static function leftG(PowderLot $lot): float
    {
        $out = RequestMemo::once('powder out', fn (): array => self::outSince());

        return max(0.0, 1000 * ($lot->counted_kg ?? $lot->kg) - ($out[$lot->id] ?? 0.0));
    }

    /** @return array<int, float> by lot: what went out since it was last weighed, g */
    private static function outSince(): array
    {
        $rows = DB::table('sprayings')->join('powder_lots', 'powder_lots.id', '=', 'sprayings.powder_lot_id')
            ->whereNull('powder_lots.finished_at')
            ->whereNotNull('weighed_g')
            ->whereRaw('(powder_lots.counted_at IS NULL OR sprayings.at > powder_lots.counted_at)')
            ->groupBy('powder_lot_id')
            ->selectRaw('powder_lot_id, SUM(weighed_g - COALESCE(back_g, 0)) as out_g')
            ->get();

        return $rows->mapWithKeys(fn (\stdClass $row): array => [
            (int) $row->powder_lot_id => (float) $row->out_g,
        ])->all();
    }

    public function totalG(): float
    {
        return array_sum($this->leftG);
    }

    /** What the coats not yet on of all that hangs will take of it, g. */
    public function reservedG(): float
    {
        return RequestMemo::once('powder reserved', self::reserved(...))[$this->powder->id] ?? 0.0;
    }

    public function reservedWords(): string
    {
        $grams = $this->reservedG();

        return $grams > 0.0
            ? 'open jobs take '.Units::current()->show(Dimension::Mass, $grams / 1000).' of it'
            : 'no open job asks for it';
    }

    /** What will be gone by the time an order comes, g. */
    private function neededG(): float
    {
        $used = RequestMemo::once('powder used', self::usedADay(...))[$this->powder->id] ?? 0.0;

        return $this->reservedG() + ($this->powder->supplier_days ?? self::USUAL_DAYS) * $used;
    }

    public function mustOrder(): bool
    {
        return $this->powder->retired_at === null && $this->neededG() > 0.0 && $this->totalG() < $this->neededG();
    }

    /** How much to order, kg: what lacks, in whole boxes, at least what the supplier sells; 0 where none is. */
    public function orderKg(): float
    {
        if (! $this->mustOrder()) {
            return 0.0;
        }
        $lacks = max(($this->neededG() - $this->totalG()) / 1000, $this->powder->least_order_kg ?? 0.0);
        $box = $this->powder->box_kg;

        return $box === null || $box <= 0.0 ? ceil($lacks) : $box * ceil($lacks / $box - 1e-9);
    }

    /** The first opened that still holds so much; the fullest where none does; null where there is none. */
    public function lotFor(float $grams): ?PowderLot
    {
        $lots = $this->powder->lots;
        $holds = $lots->first(fn (PowderLot $lot): bool => $this->leftG[$lot->id] >= $grams);

        return $holds ?? $lots->sortByDesc(fn (PowderLot $lot): float => $this->leftG[$lot->id])->first();
    }

    public static function isPast(PowderLot $lot): bool
    {
        return $lot->best_before_on !== null && $lot->best_before_on->lt(ShopClock::today());
    }

    /** @return array<int, float> by powder: what the coats not yet on of all that hangs will take, g */
    private static function reserved(): array
    {
        $lots = Batch::hanging()->get();
        BatchSnapshot::ofBatches($lots);
        $sprayed = self::sprayed(array_values($lots->pluck('part_id')->unique()->all()));
        $grams = $pairs = [];
        foreach ($lots as $lot) {
            foreach (BatchCoats::of($lot)->on() as $coat) {
                $open = self::openness($lot->part);
                $pairs["{$coat->powder_id} {$open->value}"] = [$coat->powder, $open];
            }
        }
        SprayStatistics::preload(array_values($pairs));
        foreach ($lots as $lot) {
            $past = BatchHistory::of($lot);
            foreach (BatchCoats::of($lot)->on() as $coat) {
                $isOn = $coat->results->contains(fn (OvenResult $one): bool => $past->any($one->batch_id, $one->at))
                    || $sprayed->get($coat->id)?->contains(fn (Spraying $one): bool => self::isOn($one, $past));
                if (! $isOn) {
                    $grams[$coat->powder_id] = ($grams[$coat->powder_id] ?? 0.0) + self::takes($coat, $lot);
                }
            }
        }

        return $grams;
    }

    /**
     * Whatever was weighed out for them or sprayed on them.
     *
     * @param  list<int>  $parts
     * @return Collection<int, Collection<int, Spraying>> by coat
     */
    private static function sprayed(array $parts): Collection
    {
        return Spraying::query()->whereIn('part_id', $parts)
            ->get(['batch_id', 'coat_id', 'weighed_g', 'at', 'done_at', 'blown_off_at'])->toBase()
            ->groupBy('coat_id');
    }

    /** What is weighed out is off the powder's lot already, done or not; what is blown off is wanted again. */
    private static function isOn(Spraying $spraying, BatchHistory $past): bool
    {
        $isOut = $spraying->done_at !== null || $spraying->weighed_g !== null;
        $isOff = $spraying->blown_off_at !== null && $past->any($spraying->batch_id, $spraying->blown_off_at);

        return $isOut && ! $isOff && $past->any($spraying->batch_id, $spraying->done_at ?? $spraying->at);
    }

    /** What a coat on a lot will take out of the box, g: as the quote and the coat bench reckon it. */
    private static function takes(Coat $coat, Batch $lot): float
    {
        $open = self::openness($lot->part);
        $powder = $coat->powder;
        $transfer = Transfer::of(
            $open,
            $coat->position > 1,
            false,
            null,
            $powder->transfer,
            SprayStatistics::transfer($powder, $open)->factor,
        );

        return 1000 * PowderNeed::kg(
            $lot->count * ($lot->part->area_m2 ?? 0.0) * $coat->share,
            $powder->density(),
            ($powder->film_min_um + $powder->film_max_um) / 2,
            $transfer->share,
            Gun::usual()?->feed,
            Shop::current()->powder_reserve,
        );
    }

    private static function openness(Part $part): Openness
    {
        $recess = $part->traits->contains('word', Feature::Recesses->value)
            || $part->pins->contains(fn (Pin $pin): bool => $pin->kind->feature() === Feature::Recesses);

        return Openness::ofShape(
            $recess || $part->made === Fabrication::Cast->value || $part->metalKind()->alwaysCast,
            $part->boxMm(),
            $part->area_m2,
        );
    }

    /** @return array<int, float> by powder: what went out a day of late, g */
    private static function usedADay(): array
    {
        $since = ShopClock::now()->subDays(self::LOOK_BACK_DAYS)->format('Y-m-d H:i:s.v');
        $rows = DB::table('sprayings')->where('done_at', '>', $since)
            ->whereNotNull('weighed_g')->groupBy('powder_id')
            ->selectRaw('powder_id, SUM(weighed_g - COALESCE(back_g, 0)) as used_g')->get();

        return $rows->mapWithKeys(fn (\stdClass $row): array => [
            (int) $row->powder_id => (float) $row->used_g / self::LOOK_BACK_DAYS,
        ])->all();
    }
}

<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Advice\PeakLimits;
use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\LoadSplit;
use Aenum\Core\Curing\Outlook;
use Aenum\Core\Curing\Reading as CoreReading;
use Aenum\Core\Curing\Underlayer;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven as HeatOven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RegionLinks;
use App\Catalog\Models\OvenCalibration;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Section;
use App\Routing\Queries\BatchCoats;
use App\Routing\Queries\BatchCoatStatus;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\MetalHeatHistory;
use App\Routing\Queries\PartFloorConditions;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection as Models;
use Illuminate\Support\Collection;

/** Builds the core's model of a stored load: oven, items, cure targets, schedule. */
final readonly class BakeModelFactory
{
    /** What is read of a bake. */
    private const NEEDS = ['oven', 'events', 'readings', 'riders.items.part.job', 'items.coat'];

    /** What is read of a part in it, besides what the queries of a batch read. */
    private const OF_PART = ['sections', 'clocks', 'pins.fittings.mask', 'coats.results.ovenLoad'];

    private const POWDER_EMISSIVITY = 0.9;

    /**
     * @param  list<LoadedItem>  $hung
     * @param  list<LoadItem>  $beside  bare parts that share the oven: they take of its heat, and are judged elsewhere
     */
    private function __construct(
        public OvenLoad $bake,
        public HeatOven $oven,
        public array $hung,
        private array $beside,
    ) {
    }

    /** Loads a bake with its parts: those of its batches, or of its coats where an item is of no batch. */
    private static function load(OvenLoad $bake): void
    {
        $part = [...BatchSnapshot::PART, ...self::OF_PART];
        $under = fn (string $relation, array $names): array => array_map(
            fn (string $name): string => "{$relation}.{$name}",
            $names,
        );
        $bake->loadMissing([
            ...self::NEEDS,
            ...$under('items.batch', BatchSnapshot::relations()),
            ...$under('items.batch.part', self::OF_PART),
        ]);
        $batchless = $bake->items->whereNull('batch_id');
        $batchless->loadMissing($under('coat.part', $part));
        foreach ($bake->items as $item) {
            $coat = self::coatOf($item);
            $item->setRelation('part', $item->batch->part ?? $coat->part);
            $coat->setRelation('part', $item->part);
        }
        BatchSnapshot::ofParts(new Models($bake->items->map(fn (OvenLoadItem $item): Part => $item->part)->all()));
    }

    public static function from(OvenLoad $bake): self
    {
        self::load($bake);
        $hung = [];
        $names = [];
        foreach ($bake->items as $item) {
            $sections = $item->part->sections;
            $regions = [];
            foreach ($sections->isEmpty() ? [null] : $sections->all() as $section) {
                $regions[] = self::hang($bake, $item, $section, $names);
            }
            array_push($hung, ...($regions === [] ? [] : self::joined($regions)));
        }

        $beside = $bake->riders->toBase()->flatMap(fn (OvenLoad $rider): array => BareItems::of($rider));

        return new self($bake, LoadSnapshot::oven($bake)->model(), $hung, array_values($beside->all()));
    }

    /**
     * Regions of one piece, each joined to the next as they were written down.
     *
     * @param  non-empty-list<LoadedItem>  $regions
     * @return list<LoadedItem>
     */
    private static function joined(array $regions): array
    {
        $part = $regions[0]->bakeItem->part;
        $items = array_map(fn (LoadedItem $hung): LoadItem => $hung->item, $regions);
        for ($n = 1; $n < count($items); $n++) {
            $neck = $part->neck($items[$n - 1], $items[$n]);
            $items = $neck === null ? $items : RegionLinks::join($items, $n - 1, $n, $neck);
        }

        return array_map(
            fn (LoadedItem $hung, LoadItem $item): LoadedItem => $hung->with($item),
            $regions,
            $items,
        );
    }

    /** @return list<LoadItem> all that is in the oven, its own first */
    public function items(): array
    {
        return [...$this->own(), ...$this->beside];
    }

    /** @return list<LoadItem> */
    public function own(): array
    {
        return array_map(fn (LoadedItem $hung): LoadItem => $hung->item, $this->hung);
    }

    /** @return list<ReadableItem> */
    public function readItems(): array
    {
        return array_map(
            fn (LoadedItem $hung): ReadableItem => new ReadableItem(
                $hung->bakeItem,
                $hung->section,
                $hung->item,
                $hung->item->emissivity,
            ),
            $this->hung,
        );
    }

    /** @return list<CureTarget> */
    public function aims(): array
    {
        return array_map(fn (LoadedItem $hung): CureTarget => $hung->aim, $this->hung);
    }

    /** How the oven is run, with everything that happened to it up to now. */
    public function schedule(?CarbonImmutable $now = null): OvenSchedule
    {
        return LoadSchedule::of($this->bake, $now);
    }

    /** Seconds of the run at a moment; the run starts when the door opens on the load. */
    public function second(CarbonImmutable $at): float
    {
        return LoadSchedule::second($this->bake, $at);
    }

    /** Minutes of the run at the pull that is set. */
    public function pullRunMinutes(): float
    {
        return $this->bake->minutes + $this->bake->door_open_s / 60;
    }

    /** What is asked of the bake, and when it was seen to have flowed. */
    public function rules(): BakeRules
    {
        return $this->bake->rules()->flowedAt(LoadSchedule::flowedS($this->bake));
    }

    public function planner(): BakePlanner
    {
        return new BakePlanner($this->oven, $this->items(), $this->aims(), $this->schedule(), $this->rules());
    }

    public function split(): LoadSplit
    {
        return new LoadSplit($this->oven, $this->items(), $this->aims(), $this->schedule(), $this->rules());
    }

    /** @param  float|null  $pullRunMinutes null for as soon as everything is done */
    public function outlook(?float $pullRunMinutes, float $exchange = 1.0, ?CarbonImmutable $now = null): Outlook
    {
        return Outlook::of(
            $this->oven,
            $this->items(),
            $this->aims(),
            $this->schedule($now),
            $this->rules(),
            $pullRunMinutes,
            $exchange,
            $this->pullRunMinutes(),
        );
    }

    /** @return list<CoreReading> */
    public function coreReadings(): array
    {
        return LoadCorrection::readings($this->bake, $this->readItems());
    }

    /** What logs had taught of the oven when the door shut; null where none had. */
    public function taught(): ?OvenCalibration
    {
        return LoadSnapshot::oven($this->bake)->taught();
    }

    public function position(string $key): ?int
    {
        foreach ($this->hung as $i => $hung) {
            if ($hung->key() === $key) {
                return $i;
            }
        }

        return null;
    }

    /** Whether an earlier bake was out of the oven before this one went in. */
    private static function cameBefore(OvenLoad $earlier, OvenLoad $bake): bool
    {
        return $earlier->id !== $bake->id &&
            $earlier->pulled_at !== null &&
            ($bake->shut_at === null || $earlier->pulled_at->lte($bake->shut_at));
    }

    /** @param  array<string, int>  $names how often each name was used already */
    private static function hang(OvenLoad $bake, OvenLoadItem $bakeItem, ?Section $section, array &$names): LoadedItem
    {
        $part = $bakeItem->part;
        $batch = $bakeItem->batch;
        $past = $batch === null ? null : BatchHistory::of($batch);
        $stack = self::stack($bakeItem);
        foreach ($stack as $one) {
            $one->setRelation('powder', LoadSnapshot::powder($bake, $one));
        }
        $coat = $stack->firstOrFail('id', $bakeItem->coat_id);
        self::coatOf($bakeItem)->setRelation('powder', $coat->powder);
        $whose = $batch?->label() ?? '';
        $whole = $whose === '' ? $part->name : "{$part->name} {$whose}";
        $name = $section === null ? $whole : "{$whole}, {$section->name}";
        $names[$name] = ($names[$name] ?? 0) + 1;
        if ($names[$name] > 1) {
            $name .= " (job {$part->job->number})";
        }
        $results = $stack->flatMap(fn (Coat $c): Collection => $c->results->toBase())
            ->where('section_id', $section?->id)
            ->filter(fn (OvenResult $r): bool => self::cameBefore($r->ovenLoad, $bake));
        $layers = [];
        foreach ($stack as $layer) {
            $of = $results->where('coat_id', $layer->id);
            $layers[] = new LayerHistory(
                $layer,
                self::least($past, $of, 'dose'),
                $layer->powder->sheet()->stands === null ? null : self::most($past, $of, 'overbake'),
            );
        }
        $fresh = $layers[count($layers) - 1];
        $under = array_map(
            fn (LayerHistory $l): Underlayer => new Underlayer(
                $l->coat->powder->sheet(),
                $l->dose,
                $l->overbake ?? 0.0,
            ),
            array_slice($layers, 0, -1),
        );
        $overbake = $fresh->overbake ?? 0.0;
        // A film that was measured short has not had what was computed: the bake is sized by what it has had.
        $short = $batch === null || $bake->isPulled() ? null : BatchCoatStatus::measuredDose($coat, $batch);
        $soFar = min($fresh->dose, $short ?? $fresh->dose);
        $aim = CureTarget::to($coat->bakeTo(), $coat->powder->sheet(), $under, $soFar, $overbake)
            ->notAbove(PeakLimits::of($part->metalKind(), PartFloorConditions::of($part, $batch)->masks));

        $out = $bakeItem->out_at === null ? null : LoadSchedule::second($bake, $bakeItem->out_at) / 60;

        return new LoadedItem(
            $bakeItem,
            $section,
            LoadItem::of(
                mb_substr($name, 0, 200),
                $bakeItem->count,
                $part->metalKind(),
                (float) ($section->mass_kg ?? $part->mass_kg),
                (float) ($section->area_m2 ?? $part->area_m2),
                self::POWDER_EMISSIVITY,
                $part->view_factor,
            )->outAt($out),
            $out === null ? $aim : $aim->asGone(),
            $layers,
            MetalHeatHistory::of($part, $bake, $batch),
        );
    }

    /** @return Collection<int, Coat> the coat that is fresh in it and those it lies on, from the metal up */
    private static function stack(OvenLoadItem $item): Collection
    {
        if ($item->batch !== null) {
            return BatchCoats::of($item->batch->setRelation('part', $item->part))->to(self::coatOf($item));
        }
        $under = $item->part->coats->where('position', '<=', self::coatOf($item)->position);

        return $under->sortBy('position')->values()->toBase();
    }

    /** @param  Collection<int, OvenResult>  $results */
    private static function least(?BatchHistory $past, Collection $results, string $what): float
    {
        return (float) min(self::sums($past, $results, $what));
    }

    /** @param  Collection<int, OvenResult>  $results */
    private static function most(?BatchHistory $past, Collection $results, string $what): float
    {
        return (float) max(self::sums($past, $results, $what));
    }

    /**
     * What the pieces have had, each past of theirs for itself.
     *
     * @param  Collection<int, OvenResult>  $results
     * @return non-empty-list<float>
     */
    private static function sums(?BatchHistory $past, Collection $results, string $what): array
    {
        $sums = [];
        for ($strand = 0; $past !== null && $strand < $past->count(); $strand++) {
            $lived = fn (OvenResult $one): bool => $past->lived($strand, $one->batch_id, $one->at);
            $sums[] = (float) $results->filter($lived)->sum($what);
        }

        return $sums === [] ? [(float) $results->sum($what)] : $sums;
    }

    /** The coat an item of a cure is baked for. */
    private static function coatOf(OvenLoadItem $item): Coat
    {
        return $item->coat ?? throw new \LogicException('a cure holds coats, a bake-out does not');
    }
}

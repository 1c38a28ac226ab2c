<?php

declare(strict_types=1);

namespace App\Actions\BakeOut;

use Aenum\Core\Bench\DoorCheck;
use Aenum\Core\Cure\BakeOut;
use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Unit\Said;
use App\Actions\Log\MetalMinutes;
use App\Actions\Log\PartFloor;
use App\Actions\Oven\Frozen;
use App\Actions\Oven\LoadSchedule;
use App\Actions\Oven\OvenBoard;
use App\Actions\Oven\PartFinding;
use App\Actions\Route\PartRoute;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\OvenResult;
use App\Models\Part;
use Carbon\CarbonImmutable;

/** A bake-out as it is set: the curve of every bare part, when to pull, and what the book says of the heat. */
final readonly class BakeOutBoard implements OvenBoard
{
    /** A pull far enough off that everything is held by then, min. */
    private const FAR_MIN = 2100.0;

    /**
     * @param  list<OvenLoadItem>  $items
     * @param  list<PartFinding>  $findings
     */
    private function __construct(
        public OvenLoad $load,
        public BakeOut $plan,
        public array $items,
        public array $findings,
    ) {
    }

    public static function of(OvenLoad $load): self
    {
        $load->loadMissing(['items.lot.part.lots', 'items.lot.part.job']);
        $load->loadMissing(['oven', 'events', 'items.part.job', 'items.part.coats.powder.rows', 'results.part']);
        $load->loadMissing(['items.part.pins.fittings.mask', 'items.part.signatures', 'items.part.clocks']);
        $items = array_values($load->items->all());
        $plan = BakeOut::plan(
            Frozen::oven($load)->model(),
            self::core($items),
            LoadSchedule::of($load),
            (float) $load->target_c,
            (float) $load->hold_minutes,
            $load->pullRunMinutes(),
        );
        // What is out has been judged; asking again would count its heat twice.
        $findings = $load->isPulled() ? [] : self::findings($load, $items, $plan);

        return new self($load, $plan, $items, $findings);
    }

    /**
     * Minutes from the door shut to the soonest pull that holds everything long enough; null where it never gets there.
     */
    public static function soonest(OvenLoad $load): ?float
    {
        $asked = clone $load;
        $asked->minutes = self::FAR_MIN;
        $done = array_column(self::of($asked)->plan->items, 'done');

        return in_array(null, $done, true) || $done === []
            ? null
            : max(array_filter($done, is_float(...))) - $load->door_open_s / 60;
    }

    /** The setpoint to begin with: as cool as costs little time. */
    public static function usualSetpoint(OvenLoad $load): float
    {
        $load->loadMissing(['oven', 'events', 'items.part.job']);

        return BakeOut::setpointFor(
            $load->oven->model(),
            self::core(array_values($load->items->all())),
            LoadSchedule::of($load),
            (float) $load->target_c,
        );
    }

    /**
     * @param  list<OvenLoadItem>  $items
     * @return non-empty-list<LoadItem>
     */
    private static function core(array $items): array
    {
        $load = array_map(
            fn (OvenLoadItem $item): LoadItem => LoadItem::of(
                mb_substr($item->part->name, 0, 200),
                $item->count,
                $item->part->metalKind(),
                $item->part->mass_kg,
                $item->part->area_m2,
                $item->part->metalKind()->bareEmissivity,
                $item->part->view_factor,
            ),
            $items,
        );

        return $load ?: throw new \LogicException('a load has parts');
    }

    /**
     * @param  list<OvenLoadItem>  $items
     * @return list<PartFinding>
     */
    private static function findings(OvenLoad $load, array $items, BakeOut $plan): array
    {
        $found = [];
        foreach ($items as $n => $item) {
            $route = PartRoute::of($item->part, $item->lot)->plan()->on(PartFloor::of($item->part, $item->lot));
            $set = DoorCheck::bakedOut($route, (float) $load->target_c, (float) $load->hold_minutes);
            $does = $plan->items[$n];
            foreach (DoorCheck::of($set, $does['peakC'], $does['metalMinutes']) as $finding) {
                $found[] = new PartFinding($item->part, $finding);
            }
        }

        return $found;
    }

    public function load(): OvenLoad
    {
        return $this->load;
    }

    /** @return list<PartFinding> */
    public function doorFindings(): array
    {
        return $this->findings;
    }

    /**
     * How much heat every metal that ages will have had when this is over.
     *
     * @return list<array{part: Part, says: Said}>
     */
    public function ageing(): array
    {
        $says = [];
        foreach ($this->items as $n => $item) {
            if ($item->part->metalKind()->ageHardens()) {
                $sum = MetalMinutes::of($item->part, $this->load, $item->lot) + $this->plan->items[$n]['metalMinutes'];
                $says[] = ['part' => $item->part, 'says' => MetalAgeing::words($sum)];
            }
        }

        return $says;
    }

    public function stops(): bool
    {
        return array_filter($this->findings, fn (PartFinding $one): bool => $one->finding->isStop()) !== [];
    }

    public function tone(): string
    {
        return $this->plan->good() && ! $this->stops() ? 'good' : 'stop';
    }

    /** Minutes after the door shut of a minute of the run. */
    public function sinceShut(?float $runMinutes): ?float
    {
        return $runMinutes === null ? null : max(0.0, $runMinutes - $this->load->door_open_s / 60);
    }

    /** The part that is done last. */
    public function slowest(): Part
    {
        return $this->items[$this->plan->decides]->part;
    }

    /** Minutes after the door shut at which the slowest gets there; null where it never does. */
    public function slowestReaches(): ?float
    {
        return $this->sinceShut($this->plan->items[$this->plan->decides]['reaches']);
    }

    /** Whether every part was held long enough, as it was written down at the pull. */
    public function allReached(): bool
    {
        return $this->load->results->every(fn (OvenResult $result): bool => $result->reached === true);
    }

    public function pullAt(): ?CarbonImmutable
    {
        return $this->load->isRunning() ? $this->load->setPullAt() : null;
    }

    /** @return list<array<string, mixed>> */
    public function results(): array
    {
        $end = (float) $this->plan->pullMinutes;

        return array_map(
            fn (OvenLoadItem $item, array $did): array => [
                'oven_load_item_id' => $item->id,
                'part_id' => $item->part_id,
                'lot_id' => $item->lot_id,
                'at' => $this->load->pulled_at,
                'reached' => $did['done'] !== null && $this->plan->isHeldBy($did['done'], $end),
                'held_minutes' => round($did['held'], 2),
                'reaches_minutes' => $did['reaches'],
                'peak_c' => round($did['peakC'], 1),
                'metal_minutes' => round($did['metalMinutes'], 2),
                'fresh' => false,
            ],
            $this->items,
            $this->plan->items,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Advice\BakeOutTarget;
use Aenum\Core\Advice\DoorCloseCheck;
use Aenum\Core\Curing\BakeOut;
use Aenum\Core\Curing\BakeOutChoice;
use Aenum\Core\Curing\Correction;
use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Trade\Look;
use Aenum\Core\Trade\Station;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\MetalHeatHistory;
use App\Routing\Queries\PartFloorConditions;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\UpcomingHeat;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection as Models;

/** A bake-out at the current time: the curve of every part, when to pull, and the findings about its heat. */
readonly class BakeOutState implements LoadState
{
    /**
     * @param  list<OvenLoadItem>  $items
     * @param  list<PartFinding>  $findings
     * @param  array{?float, ?float, ?float}  $band  run minutes: the true moment lies between the first and the last
     *      two times in three, and the middle one is shown; null without readings
     */
    final protected function __construct(
        public OvenLoad $load,
        public BakeOut $plan,
        public array $items,
        public array $findings,
        public Correction $correction,
        private ?float $ready,
        private ?float $told,
        public array $band,
        public CarbonImmutable $now,
    ) {
    }

    public static function of(OvenLoad $load): static
    {
        self::loadParts($load);
        $now = ShopClock::now();
        $run = $load->ran();
        $oven = LoadSnapshot::oven($run)->model();
        $bare = self::bare($load);
        $beside = self::beside($load);
        $schedule = LoadSchedule::of($load, $load->isRunning() ? $now : $load->pulled_at);
        $correction = LoadCorrection::fit(
            $oven,
            [...$bare, ...$beside],
            $schedule,
            $load->isPlanned() ? [] : LoadCorrection::readings($load, BareItems::read($load)),
        );
        $at = fn (?float $pull): BakeOut => BakeOut::plan(
            $oven,
            $bare,
            $schedule,
            (float) $load->target_c,
            (float) $load->hold_minutes,
            $pull,
            $correction->factor,
            $beside,
        );
        $ready = self::readyIn($at(null));
        $band = [null, null, null];
        if ($load->isRunning() && $correction->residualsK !== []) {
            $facts = [
                $oven,
                [...$bare, ...$beside],
                count($bare),
                $schedule,
                (float) $load->target_c,
                (float) $load->hold_minutes,
                LoadCorrection::readings($load, BareItems::read($load)),
                LoadCorrection::displays($load),
                LoadSnapshot::oven($run)->taught()?->sure,
            ];
            $band = LoadCorrection::band($facts, fn (): PullEnsemble => PullEnsemble::ofHold(...$facts));
        }
        // One pull for clock, chart and verdict: as late as the readings lean.
        $told = $ready === null ? null : max($ready, $band[1] ?? 0.0);
        $gone = LoadSchedule::second($run, $now) / 60;
        $pull = $load->isRunning() ? max($gone, self::outAt($load) ?? $told ?? 0.0) : $run->pullRunMinutes();
        $plan = $at($pull);
        $items = array_values($load->items->all());
        // What is out has been judged; asking again would count its heat twice.
        $findings = $load->isPulled() ? [] : self::findings($load, $items, $plan);

        return new static($load, $plan, $items, $findings, $correction, $ready, $told, $band, $now);
    }

    protected static function loadParts(OvenLoad $load): void
    {
        $load->loadMissing([
            'host', 'riders', 'oven', 'events', 'readings.item.part', 'results.part', 'items.coat.powder',
            'liveSamples',
            ...array_map(fn (string $name): string => "items.batch.{$name}", BatchSnapshot::relations()),
            'items.batch.part.pins.fittings.mask', 'items.batch.part.clocks',
        ]);
        $batchless = $load->items->whereNull('batch_id');
        $batchless->loadMissing(['part.pins.fittings.mask', 'part.clocks', ...BatchSnapshot::ofPartsOf('part')]);
        foreach ($load->items as $item) {
            $item->batch === null ?: $item->setRelation('part', $item->batch->part);
        }
        BatchSnapshot::ofParts(new Models($load->items->map(fn (OvenLoadItem $item): Part => $item->part)->all()));
    }

    /** @return non-empty-list<LoadItem> */
    protected static function bare(OvenLoad $load): array
    {
        return BareItems::of($load) ?: throw new \LogicException('a load has parts');
    }

    /** @return list<LoadItem> what hangs in the cure it rides with */
    protected static function beside(OvenLoad $load): array
    {
        return $load->host === null ? [] : BakeModelFactory::from($load->host)->own();
    }

    /** Minutes of the run at which the last of it is held long enough; null where that never comes. */
    protected static function readyIn(BakeOut $plan): ?float
    {
        $done = array_column($plan->items, 'done');

        return in_array(null, $done, true) || $done === [] ? null : max([0.0, ...array_filter($done, is_float(...))]);
    }

    /** Minutes of the run at which it is taken out where a timer turns the oven off before. */
    protected static function outAt(OvenLoad $load): ?float
    {
        return $load->timer_out_at === null ? null : LoadSchedule::second($load->ran(), $load->timer_out_at) / 60;
    }

    /**
     * Minutes from the door shut to the soonest pull that holds everything long enough; null where it never gets there.
     */
    public static function soonest(OvenLoad $load): ?float
    {
        $ready = self::of($load)->ready;

        return $ready === null ? null : $ready - $load->ran()->door_open_s / 60;
    }

    /**
     * As asked, and cooler and longer as far as its cures can stay under it: each with what it costs.
     *
     * @return list<array{choice: BakeOutChoice, ageing: ?float}> ageing: the most equivalent minutes at 200 °C any
     *      metal that ages has had with it
     */
    public function choices(): array
    {
        $coolest = null;
        foreach ($this->items as $item) {
            foreach ($item->part->coats as $coat) {
                $coolest = max($coolest ?? 0.0, $coat->powder->sheet()->lowestC());
            }
        }
        $aim = $this->asked();
        $choices = BakeOutChoice::all(
            $this->load->oven->model(),
            self::bare($this->load),
            LoadSchedule::of($this->load),
            $aim->targetC,
            $aim->holdMinutes,
            $coolest,
        );

        return array_map(fn (BakeOutChoice $choice): array => [
            'choice' => $choice,
            'ageing' => $this->ages($choice),
        ], $choices);
    }

    protected function ages(BakeOutChoice $choice): ?float
    {
        $most = null;
        foreach ($this->items as $n => $item) {
            if (self::losesStrength($item)) {
                $had = MetalHeatHistory::of($item->part, $this->load, $item->batch) + $choice->metalMinutes[$n];
                $most = max($most ?? 0.0, $had);
            }
        }

        return $most;
    }

    /** The setpoint to begin with: as cool as costs little time. */
    public static function usualSetpoint(OvenLoad $load): float
    {
        $load->loadMissing(['oven', 'events', 'items.part.job']);

        return BakeOut::setpointFor(
            $load->oven->model(),
            self::bare($load),
            LoadSchedule::of($load),
            (float) $load->target_c,
            (float) $load->hold_minutes,
        );
    }

    /**
     * @param  list<OvenLoadItem>  $items
     * @return list<PartFinding>
     */
    protected static function findings(OvenLoad $load, array $items, BakeOut $plan): array
    {
        $found = [];
        $vapor = LoadVapor::of($load);
        foreach ($items as $n => $item) {
            $surface = $item->batch === null ? null : BatchSurface::of($item->batch);
            $floor = PartFloorConditions::of($item->part, $item->batch)->withMetal($surface);
            $route = PartRoute::of($item->part, $item->batch)->plan()->on($floor);
            $set = DoorCloseCheck::bakedOut($route, (float) $load->target_c, (float) $load->hold_minutes);
            $does = $plan->items[$n];
            foreach (DoorCloseCheck::of(
                $set,
                $does['peakC'],
                $does['metalMinutes'],
                besidePowder: $load->host_load_id !== null,
                powderKg: $vapor->powderKg,
                solventKg: $vapor->solventKg,
                metalMinutesLater: $item->batch === null ? 0.0 : UpcomingHeat::after($item->batch, null),
                oven: $load->oven->model(),
            ) as $finding) {
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

    /** Whether time at temperature weakens it, as the rule asks. */
    protected static function losesStrength(OvenLoadItem $item): bool
    {
        return PartRoute::of($item->part, $item->batch)->facts->part->losesStrength();
    }

    /** Whether a choice ages a metal past what may go on without a name. */
    public function asksName(?float $ageing): bool
    {
        return $ageing !== null && $ageing > MetalAging::SIGN_MINUTES;
    }

    public function stops(): bool
    {
        return array_filter($this->findings, fn (PartFinding $one): bool => $one->finding->isStop()) !== [];
    }

    /** Minutes after the door shut of a minute of the run. */
    public function sinceShut(?float $runMinutes): ?float
    {
        return $runMinutes === null ? null : max(0.0, $runMinutes - $this->load->ran()->door_open_s / 60);
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

    /** Taken out by hand in the morning, as soon as all is held, or later as far as readings lean. */
    public function pullAt(): ?CarbonImmutable
    {
        if (! $this->load->isRunning()) {
            return null;
        }
        if ($this->load->host !== null) {
            return UpdateExpectedPull::of($this->load->host);
        }

        return $this->load->timer_out_at ?? ($this->told === null
            ? $this->load->ran()->setPullAt()
            : $this->clock($this->told));
    }

    /** @return list<Look> what may be said of how it looks: "clean, goes on" only where everything was held */
    public function looks(): array
    {
        return array_values(array_filter(
            Look::cases(),
            fn (Look $look): bool => $look !== Look::Clean || $this->allReached(),
        ));
    }

    /** @return array<int, int> pieces by batch that wait here for another bake-out */
    public function again(): array
    {
        $again = [];
        foreach ($this->items as $item) {
            if ($item->batch?->isOpen() === true && $item->batch->station === Station::BakeOut) {
                $again[$item->batch->id] = min($item->count, $item->batch->count);
            }
        }

        return $again;
    }

    /** The load whose oven, door and clock it has. */
    public function ran(): OvenLoad
    {
        return $this->load->ran();
    }

    /** Where the oven is set now, after all that happened. */
    public function setpointC(): float
    {
        $schedule = LoadSchedule::of($this->load);

        return $schedule->setpointAt(LoadSchedule::second($this->ran(), $this->now));
    }

    public function powerIsOff(): bool
    {
        return LoadSchedule::powerIsOff($this->ran());
    }

    protected function asked(): BakeOutTarget
    {
        return BakeOutTarget::of(array_map(
            fn (OvenLoadItem $item): PartRouting => PartRoute::of($item->part, $item->batch)->plan()
                ->on(PartFloorConditions::of($item->part, $item->batch)),
            $this->items,
        ));
    }

    /** The clock time of a minute of the run; null before the door has shut. */
    public function clock(float $runMinutes): ?CarbonImmutable
    {
        return $this->load->ran()->beganAt()?->addMilliseconds((int) round(60000 * $runMinutes));
    }

    /** @return list<ReadableItem> */
    public function readItems(): array
    {
        return BareItems::read($this->load);
    }

    public function surfaceC(int $item, float $second): float
    {
        return $this->plan->run->surfaceC($item, $second);
    }

    public function shellC(float $second): float
    {
        return $this->plan->run->shellC($second);
    }

    /** @return list<array<string, mixed>> */
    public function results(): array
    {
        $end = (float) $this->plan->pullMinutes;

        return array_map(
            fn (OvenLoadItem $item, array $did): array => [
                'oven_load_item_id' => $item->id,
                'part_id' => $item->part_id,
                'batch_id' => $item->batch_id,
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

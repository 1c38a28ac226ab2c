<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Advice\DoorCloseCheck;
use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\Correction;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Curing\Outcome;
use Aenum\Core\Curing\Outlook;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Segment;
use Aenum\Core\Thermal\Simulation;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Platform\Clock\ShopClock;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\PartFloorConditions;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\UpcomingHeat;
use Carbon\CarbonImmutable;

/**
 * A bake at the current time.
 *
 * Run minutes count from the opening of the door to load; minutes on screen count from its closing.
 */
readonly class BakeState implements LoadState
{
    final protected function __construct(
        public OvenLoad $bake,
        public BakeModelFactory $load,
        public Outlook $outlook,
        public Correction $correction,
        /**
         * Run minutes between which the true pull lies two times in three, as measured; null without readings.
         */
        public ?float $earliest,
        public ?float $latest,
        /** Run minutes at which to pull, leaning late, as far as the readings tell it; null without readings. */
        public ?float $told,
        public CarbonImmutable $now,
    ) {
    }

    public static function of(OvenLoad $bake): static
    {
        $now = ShopClock::now();
        $load = BakeModelFactory::from($bake);
        $until = $bake->isRunning() ? $now : $bake->pulled_at;
        $correction = $bake->isPlanned() ? Correction::none() : LoadCorrection::fit(
            $load->oven,
            $load->items(),
            $load->schedule($until),
            $load->coreReadings(),
        );
        $pull = match ($bake->status) {
            'running' => null,
            'pulled' => max(0.1, $load->second($bake->pulled_at ?? $now) / 60),
            default => max(0.1, $load->pullRunMinutes()),
        };
        $isRead = $bake->isRunning() && $correction->residualsK !== [];
        [$earliest, $told, $latest] = $isRead ? self::band($load, $now) : [null, null, null];

        $outlook = $load->outlook($pull, $correction->factor, $until);
        $gone = $load->second($now) / 60;
        if ($bake->isRunning() && $gone > $outlook->pullMinutes) {
            // It should be out already: judged as it stands now, not as it would have been.
            $outlook = $load->outlook($gone, $correction->factor, $until);
        }

        return new static(
            $bake,
            $load,
            $outlook,
            $correction,
            $earliest,
            $latest,
            $told,
            $now,
        );
    }

    /** Counted from when it is seen to have flowed, and nobody has seen it yet. */
    public function waitsToFlow(): bool
    {
        return $this->bake->way === TimingCriterion::Flowed && $this->load->rules()->flowedS === null;
    }

    /** From run minutes to minutes after the door shut. */
    public function sinceShut(float $runMinutes): float
    {
        return $runMinutes - $this->bake->door_open_s / 60;
    }

    /** The clock time of a run minute; null before the door has shut. */
    public function clock(float $runMinutes): ?CarbonImmutable
    {
        return $this->bake->beganAt()?->addMilliseconds((int) round(60000 * $runMinutes));
    }

    public function nowRunMinutes(): float
    {
        return $this->load->second($this->now) / 60;
    }

    /** When the deciding part should be seen to reach temperature. */
    public function checkRunMinutes(): float
    {
        return $this->outlook->items[$this->outlook->decides]->atPull->reachesMinutes ??
            $this->outlook->pullMinutes / 2;
    }

    public function decides(): LoadedItem
    {
        return $this->load->hung[$this->outlook->decides];
    }

    public function suffers(): LoadedItem
    {
        return $this->load->hung[$this->outlook->suffers];
    }

    /** Minutes the door's standing open at the start adds to a bake that is planned; null where no bake serves. */
    public function doorCostMinutes(): ?float
    {
        if (! $this->bake->isPlanned() || $this->outlook->readyMinutes === null || $this->bake->door_open_s <= 0) {
            return null;
        }
        $bare = clone $this->bake;
        $bare->door_open_s = 0;
        $without = self::ready(BakeModelFactory::from($bare), $this->correction->factor, null);

        return $without === null
            ? null
            : max(0.0, $this->sinceShut($this->outlook->readyMinutes) + $this->bake->door_open_s / 60 - $without);
    }

    /**
     * The edges of the band: the same until something happens, so worked out once for every look.
     *
     * @return array{?float, ?float, ?float} from, when to pull, to
     */
    protected static function band(BakeModelFactory $load, CarbonImmutable $now): array
    {
        $facts = [
            $load->oven,
            $load->items(),
            $load->aims(),
            $load->schedule($now),
            $load->rules(),
            $load->coreReadings(),
            LoadCorrection::displays($load->bake),
            $load->taught()?->sure,
        ];

        return LoadCorrection::band($facts, fn (): PullEnsemble => PullEnsemble::of(...$facts));
    }

    protected static function ready(BakeModelFactory $load, float $exchange, ?CarbonImmutable $now): ?float
    {
        $schedule = $load->schedule($now);
        $recorded = new RecordedRun(
            new Simulation($load->oven, $load->items(), $schedule, $exchange),
            60 * Outlook::FAR_MINUTES,
        );
        $attempt = (new AttemptRun(
            $recorded,
            $load->items(),
            $load->aims(),
            $schedule,
            $load->rules(),
        ))->follow();

        return $attempt->outcome === Outcome::NeverDone ? null : $attempt->pullS / 60;
    }

    /**
     * When to pull, run minutes: as soon as everything is done; where it was read, later as far as the readings lean,
     * and nothing is spoilt by it.
     */
    public function bestPull(): float
    {
        $ready = $this->outlook->bestPull();

        return $ready === null
            ? $this->outlook->pullMinutes
            : max($ready, min($this->told ?? $ready, $this->outlook->spoiltMinutes ?? INF));
    }

    public function load(): OvenLoad
    {
        return $this->bake;
    }

    /** @return list<ReadableItem> */
    public function readItems(): array
    {
        return $this->load->readItems();
    }

    public function surfaceC(int $item, float $second): float
    {
        return $this->outlook->run->surfaceC($item, $second);
    }

    public function shellC(float $second): float
    {
        return $this->outlook->run->shellC($second);
    }

    public function pullAt(): CarbonImmutable
    {
        return $this->clock($this->bestPull()) ?? $this->now;
    }

    /** @return list<PartFinding> */
    public function doorFindings(): array
    {
        $findings = [];
        $hot = $this->hottestByPart();
        $vapor = LoadVapor::of($this->bake);
        // Each batch of a part by what was done on it; what several of them share is told once.
        $batch = fn (OvenLoadItem $item): string => "{$item->part_id} {$item->batch_id}";
        foreach ($this->bake->items->unique($batch) as $item) {
            $part = $item->part;
            $surface = $item->batch === null ? null : BatchSurface::of($item->batch);
            $floor = PartFloorConditions::of($part, $item->batch)->withMetal($surface);
            foreach (DoorCloseCheck::of(
                PartRoute::of($part, $item->batch)->plan()->on($floor),
                $hot[$part->id]['peakC'],
                $hot[$part->id]['metalMinutes'],
                $hot[$part->id]['sheets'],
                powderKg: $vapor->powderKg,
                solventKg: $vapor->solventKg,
                metalMinutesLater: $item->batch === null ? 0.0 : UpcomingHeat::after(
                    $item->batch,
                    $item->coat?->position,
                ),
                oven: $this->bake->oven->model(),
            ) as $finding) {
                $findings["{$part->id} {$finding->rule->key}"] ??= new PartFinding($part, $finding);
            }
        }

        return array_values($findings);
    }

    /** @return array<int, array{peakC: float, metalMinutes: float, sheets: ?PeakLimit}> by part id */
    protected function hottestByPart(): array
    {
        $hot = [];
        foreach ($this->load->hung as $i => $hung) {
            $part = $hung->bakeItem->part_id;
            $hot[$part] = [
                'peakC' => max($hot[$part]['peakC'] ?? -INF, $this->outlook->items[$i]->atPull->peakC),
                'metalMinutes' => max($hot[$part]['metalMinutes'] ?? 0.0, $this->metalMinutes($i, $hung)),
                'sheets' => PeakLimit::least($hot[$part]['sheets'] ?? null, $hung->aim->sheets()),
            ];
        }

        return $hot;
    }

    /** Equivalent minutes at 200 °C this bake gives an item's metal; nothing where it does not age. */
    public function metalMinutes(int $i, LoadedItem $hung): float
    {
        if (! $hung->item->metal->ageHardens()) {
            return 0.0;
        }
        $pullS = 60 * $this->outlook->pullMinutes;
        $surface = array_filter(
            $this->outlook->run->surfaceCourse($i),
            fn (Segment $piece): bool => $piece->fromS < $pullS,
        );

        return MetalAging::minutes(array_map(fn (Segment $piece): Segment => $piece->until($pullS), $surface));
    }

    /** @return list<array<string, mixed>> */
    public function results(): array
    {
        $rows = [];
        foreach ($this->load->hung as $i => $hung) {
            $judgements = [...$this->outlook->items[$i]->under, $this->outlook->items[$i]->atPull];
            $common = [
                'oven_load_item_id' => $hung->bakeItem->id,
                'part_id' => $hung->bakeItem->part_id,
                'batch_id' => $hung->bakeItem->batch_id,
                'at' => $hung->bakeItem->out_at ?? $this->bake->pulled_at,
                'section_id' => $hung->section?->id,
                'metal_minutes' => $this->metalMinutes($i, $hung),
                'handle_minutes' => $this->handleMinutes($i, $hung),
            ];
            foreach ($hung->layers as $n => $layer) {
                $rows[] = $common + $this->layerResult($hung, $layer, $judgements[$n]);
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    protected function layerResult(LoadedItem $hung, LayerHistory $layer, Judgement $judgement): array
    {
        return [
            'coat_id' => $layer->coat->id,
            'dose' => $judgement->dose,
            'overbake' => $judgement->overbake,
            'window_minutes' => $judgement->windowMinutes,
            'reaches_minutes' => $judgement->reachesMinutes,
            'row_served_c' => $judgement->rowServed?->pmtC,
            'peak_c' => $judgement->peakC,
            'fresh' => $layer->coat->id === $hung->coat()->id,
            'state' => $judgement->state($this->bake->way, $layer->dose, $layer->overbake ?? 0.0),
        ];
    }

    /** Minutes from the pull until an item can be touched. */
    protected function handleMinutes(int $i, LoadedItem $hung): float
    {
        $ambient = $this->bake->ambient_c;
        $atPull = $this->outlook->run->coreC($i, 60 * $this->outlook->pullMinutes);

        return Cooling::toldMinutes($hung->item, $atPull, $ambient, Cooling::handleC($ambient));
    }
}

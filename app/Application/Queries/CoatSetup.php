<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Advice\SprayAdvice;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\DrainTime;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun as CoreGun;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\PreOven;
use Aenum\Core\Application\WarmWindow;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\CoatFloor;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\CoatPolicy;
use App\Accounts\Models\Shop;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingCheck;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Preparation\Commands\BareSteelTimer;
use App\Preparation\Queries\LatestAir;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\MetalTemperature;
use App\Routing\Queries\RoutingProgress;
use App\Routing\Queries\StationQueue;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** The coat due on the batch in hand, with the settings this shop's gun and powder allow. */
readonly class CoatSetup
{
    /** The step a drain timer is kept under. */
    public const DRAIN = 'drain';

    /** @param  Collection<int, Gun>  $guns  in use */
    final protected function __construct(
        public Batch $batch,
        public Coat $coat,
        public Collection $guns,
        public ?Gun $gun,
        public SprayAdvice $bench,
        public CoatFloor $floor,
        public ?Spraying $open,
        public PowderStock $stock,
        public ?PowderLot $from,
        public ?float $airC,
        public ?float $airHumidityPct,
        public ?WarmWindow $warm,
        public ?CarbonImmutable $pulledAt,
        /** What this powder took on a part like it, and what came of it; null where it never was. */
        public ?Spraying $lastTime,
        /** What this powder's transfer was against what was planned, on parts as open. */
        public ShopFactor $transfer,
    ) {
    }

    /** The board of the lot in hand; null where no coat waits for powder, or its area is not known. */
    public static function of(StationQueue $pick, CoatTurned $turned, ?int $gunId = null): ?static
    {
        return $pick->batch === null || $pick->walk === null
            ? null
            : self::onLot($pick->batch, $pick->walk, $turned, $gunId);
    }

    /** The board of a lot, wherever it is looked at from. */
    public static function onLot(Batch $batch, RoutingProgress $walk, CoatTurned $turned, ?int $gunId = null): ?static
    {
        $coat = $walk->coatDue();
        if ($coat === null || $walk->isCoated($coat)) {
            return null;
        }
        $guns = Gun::inUse();
        $powder = $coat->powder->loadMissing('lots');
        $plan = $walk->route->plan();
        $openness = $turned->openness ?? $plan->facts->part->openness();
        $records = BoothRecords::of($batch, $powder, $openness);
        $open = $records->open;
        $gun = $guns->firstWhere('id', $open->gun_id ?? $gunId ?? Spraying::lastByGun()?->gun_id) ?? $guns->first();
        $bench = SprayAdvice::for(
            $plan,
            $walk->coats->place($coat),
            $powder->atTheGun(),
            $gun?->model() ?? self::unknownGun(),
            $turned,
            $records->minutes,
            $records->transfer->factor,
            Shop::current()->powder_reserve,
        );
        $stock = PowderStock::of($powder);
        $from = $open->powderLot ?? $stock->lotFor($bench->plan->weighOutG());
        $air = LatestAir::now();
        $cooling = CoolingEstimate::of($batch);
        $floor = new CoatFloor(
            partC: $cooling?->celsius(),
            pastDate: $from !== null && PowderStock::isPast($from) ? $from->words() : null,
            shortG: self::shortG($stock, $from, $bench, $open),
            matches: $batch->count > 1 && $coat->powder->effect()->asksPanel(),
        );

        return new static(
            $batch, $coat, $guns, $gun, $bench, $floor, $open, $stock, $from, $air?->celsius, $air?->humidityPct,
            $cooling === null ? null : WarmWindow::of($cooling->item, $cooling->fromC, $cooling->roomC),
            $cooling?->from,
            $records->lastTime,
            $records->transfer,
        );
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->bench->findings(
            $this->floor,
            $this->airC,
            $this->airHumidityPct,
            BareSteelTimer::usedOf($this->batch),
            BatchSurface::of($this->batch),
            MetalTemperature::of($this->batch),
        );
    }

    /** The zone that is next; null before it is weighed out and when all are done. */
    public function nextZone(): ?string
    {
        return $this->open?->zones->firstWhere('ticked_at', null)?->zone;
    }

    /**
     * What is looked at before the oven: each place, whether it is ticked.
     *
     * @return list<array{what: PreOven, pin: ?Pin, says: string, ticked: bool}>
     */
    public function checks(): array
    {
        $pins = $this->batch->part->pins;
        $list = [];
        foreach (PreOven::cases() as $what) {
            $places = match ($what) {
                PreOven::Torch => $pins->where('kind', PinKind::Recess),
                PreOven::Wiped => $pins->filter(
                    fn (Pin $pin): bool => in_array($pin->kind, [PinKind::Seat, PinKind::Bore, PinKind::Face], true),
                ),
                default => null,
            };
            foreach ($places === null ? [null] : $places->sortBy('number')->values()->all() as $pin) {
                $list[] = [
                    'what' => $what,
                    'pin' => $pin,
                    'says' => implode(': ', array_filter([$what->label(), $pin?->numbered()])),
                    'ticked' => $this->isTicked($what, $pin),
                ];
            }
        }

        return $list;
    }

    public function checksLeft(): int
    {
        return count(array_filter($this->checks(), fn (array $one): bool => ! $one['ticked']));
    }

    /** What changing to this powder takes, from what was sprayed last with this gun; null where it is the same. */
    public function change(): ?ColorChange
    {
        $last = self::lastPowderOf($this->gun);
        if ($last === null || $last->id === $this->coat->powder_id) {
            return null;
        }

        return ColorChange::of(
            $this->gun->feed ?? Feed::Cup,
            $last->colour,
            $this->coat->powder->colour,
            $last->effect()->hasFlake(),
            Shop::current()->booth_reclaims,
        );
    }

    public static function lastPowderOf(?Gun $gun): ?Powder
    {
        return ($gun === null ? Spraying::last() : Spraying::lastByGun($gun))?->powder;
    }

    /** Minutes the part is left for its charge to drain to ground before this coat; 0 where it need not be. */
    public function drainMinutes(): float
    {
        $under = $this->bench->plan->task->recoat ? max(1, $this->coat->position - 1) : 0;

        return DrainTime::minutes($under, $this->bench->plan->task->ohms, $this->bench->plan->charge->drainS);
    }

    /** The drain timer that runs on the batch; null where none does. */
    public function drainClock(): ?StepTimer
    {
        return $this->batch->clocks->where('step', self::DRAIN)->whereNull('done_at')->last();
    }

    /** The time a number of minutes after the pull; null where it is never reached. */
    public function at(float $minutes): ?CarbonImmutable
    {
        return $this->pulledAt === null || ! is_finite($minutes)
            ? null
            : $this->pulledAt->addSeconds((int) round(60 * $minutes));
    }

    /** When the warm window shuts, where the part is coated warm and it is open. */
    public function warmShuts(): ?CarbonImmutable
    {
        $warm = $this->bench->job->facts->house->coat === CoatPolicy::Warm && $this->warm !== null;
        $shuts = $warm ? $this->at($this->warm->shutsMin) : null;

        return $shuts?->gt(ShopClock::now()) ? $shuts : null;
    }

    public function isWindowTooShort(): bool
    {
        return $this->warm !== null && $this->bench->job->facts->house->coat === CoatPolicy::Warm
            && $this->warm->lengthMin() < $this->bench->plan->minutes;
    }

    protected function isTicked(PreOven $what, ?Pin $pin): bool
    {
        return $this->open?->checks->contains(
            fn (SprayingCheck $one): bool => $one->what === $what->value && $one->pin_id === $pin?->id,
        ) === true;
    }

    protected static function shortG(PowderStock $stock, ?PowderLot $from, SprayAdvice $bench, ?Spraying $open): ?float
    {
        if ($open !== null || ($from === null && $stock->leftG === [])) {
            return null;
        }
        $left = $from === null ? 0.0 : $stock->leftG[$from->id] ?? 0.0;
        $needs = $bench->plan->weighOutG();

        return $left < $needs ? $needs - $left : null;
    }

    /** Where no gun is written down: what guns usually are, said so on the page. */
    protected static function unknownGun(): CoreGun
    {
        return CoreGun::of('a gun', GunKind::Unknown, Feed::Cup);
    }
}

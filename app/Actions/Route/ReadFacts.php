<?php

declare(strict_types=1);

namespace App\Actions\Route;

use Aenum\Core\Blast\BlastPlan;
use Aenum\Core\Blast\Media;
use Aenum\Core\Coat\PinnedRecess;
use Aenum\Core\Hang\Rack as HungRack;
use Aenum\Core\Job\BlastFacts;
use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\EquipmentFacts;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Job\PartFacts;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Strip\Agents;
use Aenum\Core\Word\Alloy;
use Aenum\Core\Word\BakeTo;
use Aenum\Core\Word\BeforeClear;
use Aenum\Core\Word\Duty;
use Aenum\Core\Word\Effect;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\LicensedHazard;
use Aenum\Core\Word\Lives;
use Aenum\Core\Word\Made;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\Over;
use Aenum\Core\Word\PaintTest;
use Aenum\Core\Word\Role;
use App\Actions\Log\Ground;
use App\Actions\Log\LotCoats;
use App\Actions\Log\MetalMinutes;
use App\Models\Coat;
use App\Models\Gun;
use App\Models\Lot;
use App\Models\Oven;
use App\Models\Part;
use App\Models\PartTrait;
use App\Models\Pin;
use App\Models\Powder;
use App\Models\Shop;
use App\Models\Signature;
use App\Support\ShopClock;
use App\Support\ThisRequest;
use Illuminate\Support\Collection;

/**
 * What is stored of a part, as the core takes it.
 *
 * Reading is tolerant: a word this release does not know is left out and named, so that one row never takes a page
 * down.
 */
final class ReadFacts
{
    /** @var list<string> words that were not understood, each with where it stood */
    public array $unknown = [];

    public readonly JobFacts $facts;

    /** @param  Collection<int, Coat>  $coats  from the metal up */
    private function __construct(
        private readonly Part $part,
        private readonly ?Lot $lot,
        private readonly Collection $coats,
    ) {
        $this->part->loadMissing(['job', 'coats.powder.rows', 'signatures', 'pins', 'traits', 'rack', 'ways']);
        $shop = Shop::current();
        $chosen = $this->part->strip_way ?? '';
        $this->facts = new JobFacts(
            part: $this->partFacts(),
            lives: $this->word(Lives::class, $this->part->job->lives, 'where it lives') ?? Lives::Outdoors,
            coats: array_values($this->coats->map($this->coat(...))->all()),
            blast: $this->blast(),
            equipment: $this->equipment($shop),
            house: PartWays::of($this->part)->strippedBy($chosen),
            humidityPct: $shop->humidity_pct,
            signed: $this->part->signatures
                ->mapWithKeys(fn (Signature $one): array => [$one->rule => $one->signed_by])
                ->all(),
            rack: $this->rack(),
            agent: Agents::find($chosen),
        );
    }

    /** As one of its lots has it, where one is given: its count, and the coats that lie on it or are to. */
    public static function of(Part $part, ?Lot $lot = null): self
    {
        return new self($part, $lot, $lot === null ? self::planned($part) : LotCoats::of($lot)->on());
    }

    /** As it was planned for all of its pieces, whatever was done to mend some. */
    public static function asPlanned(Part $part, ?Lot $lot): self
    {
        return new self($part, $lot, self::planned($part));
    }

    /** @return Collection<int, Coat> */
    private static function planned(Part $part): Collection
    {
        return $part->coats->toBase()->sortBy('position')->values();
    }

    private function partFacts(): PartFacts
    {
        $part = $this->part;
        $metal = $part->metalKind();
        if (! $metal->isKnown()) {
            $this->unknown[] = "metal “{$part->metal}”";
        }

        return new PartFacts(
            name: $part->name,
            metal: $metal,
            count: $this->lot->count ?? $part->count,
            massKg: $part->mass_kg,
            areaM2: $part->area_m2,
            boxMm: $this->box(),
            made: $this->word(Made::class, $part->made, 'how it was made') ??
                ($metal->alwaysCast ? Made::Cast : Made::Sheet),
            onIt: $this->words(OnIt::class, PartTrait::ON_IT, 'what is on it'),
            features: $this->features(),
            marks: $this->words(Mark::class, PartTrait::MARK, 'what else is so'),
            duty: $this->word(Duty::class, $part->duty, 'its duty') ?? Duty::None,
            temperC: $part->temper_c,
            strengthMpa: $part->strength_mpa,
            alloy: $this->word(Alloy::class, $part->alloy, 'its alloy') ?? Alloy::Unknown,
            paintTest: $this->word(PaintTest::class, $part->paint_test, 'its paint test') ?? PaintTest::NotTested,
            metalMinutesSoFar: MetalMinutes::of($part, lot: $this->lot),
            licence: $part->licence,
            acidProduct: $part->acid_product,
            recesses: $this->recesses(),
            viewFactor: $part->view_factor,
            licensedFor: $this->words(LicensedHazard::class, PartTrait::LICENSED, 'what its license covers'),
        );
    }

    /** @return list<Feature> as ticked, and as pinned */
    private function features(): array
    {
        $ticked = $this->words(Feature::class, PartTrait::FEATURE, 'what it has');
        $pinned = $this->part->pins->map(fn (Pin $pin): ?Feature => $pin->kind->feature())->filter()->all();

        return array_values(array_unique([...$ticked, ...$pinned], SORT_REGULAR));
    }

    /** @return list<PinnedRecess> */
    private function recesses(): array
    {
        $pins = $this->part->pins->filter(fn (Pin $pin): bool => $pin->kind === PinKind::Recess);

        return array_values($pins->map(fn (Pin $pin): PinnedRecess => PinnedRecess::of(
            $pin->number,
            $pin->size_mm,
            $pin->depth_mm,
            $pin->places,
        ))->all());
    }

    /** @return array{float, float, float}|null */
    private function box(): ?array
    {
        $part = $this->part;
        if ($part->box_long_mm !== null && $part->box_wide_mm !== null && $part->box_high_mm !== null) {
            return [$part->box_long_mm, $part->box_wide_mm, $part->box_high_mm];
        }
        $mesh = array_values(array_map(floatval(...), $part->mesh['box_mm'] ?? []));

        return count($mesh) === 3 ? $mesh : null;
    }

    private function coat(Coat $coat, int $place): CoatFacts
    {
        $powder = $coat->powder;
        $sheet = $powder->sheet();
        // What is to cure may run as hot as the hottest row of its sheet; partly, no hotter than its coolest.
        $row = $coat->bakeTo()->stopsShort() ? $sheet->rows[0] : $sheet->rows[count($sheet->rows) - 1];
        $gels = $coat->bakeTo() === BakeTo::Flow;
        $below = $this->coats[$place - 1] ?? null;
        $role = $this->word(Role::class, $coat->role, 'a coat\'s role') ?? Role::Base;
        $effect = $this->word(Effect::class, $powder->effect, 'a powder\'s effect') ?? Effect::Plain;
        $cured = $below !== null && $role === Role::Clear && $this->beforeClear($below->powder)->allowsCured();

        return new CoatFacts(
            role: $role,
            bakeC: $gels ? $sheet->flowPointC() : $row->pmtC,
            bakeMinutes: $row->minMinutes,
            filmMicrons: ($powder->film_min_um + $powder->film_max_um) / 2,
            effect: $effect,
            zincRich: $powder->zinc_rich,
            gasTolerant: $powder->gas_tolerant,
            conductive: $powder->conductive,
            over: $below === null ? Over::Metal : $below->bakeTo()->under($cured),
            beforeClear: $this->beforeClear($powder),
            zone: $coat->zone,
            share: $coat->share,
            clear: $powder->clear_need,
            tried: ! $effect->asksPanel() || $powder->isTried(),
            gelMinutes: $gels ? $sheet->flowPointMinutes() : null,
            isBakeAssumed: $gels && $sheet->isFlowAssumed(),
            chemistry: $powder->chemistry,
            outdoors: $powder->outdoors,
            edgeM: $coat->edge_m,
        );
    }

    private function beforeClear(Powder $powder): BeforeClear
    {
        return $this->word(BeforeClear::class, $powder->before_clear, 'a powder\'s word on its clear') ??
            BeforeClear::Silent;
    }

    private function blast(): ?BlastFacts
    {
        $key = $this->part->blast_medium;
        $medium = Media::find($key ?? '');
        if ($key !== null && $medium === null) {
            $this->unknown[] = "medium “{$key}”";
        }

        return $medium === null
            ? null
            : new BlastFacts($medium, $this->part->blast_bar ?? BlastPlan::REFERENCE_BAR, null);
    }

    private function rack(): ?HungRack
    {
        $rack = $this->part->rack;

        return $rack === null ? null : HungRack::of($rack->setting(), $this->part->mass_kg ?? 0.0);
    }

    /** What the shop has; the largest oven speaks for the ovens. */
    private function equipment(Shop $shop): EquipmentFacts
    {
        $oven = Oven::largest();
        $ground = Ground::today($this->part, $this->lot);
        $tested = $shop->breathing_air_tested_on;

        return new EquipmentFacts(
            boothMm: $shop->boothMm(),
            ovenMm: $oven?->roomMm(),
            railKg: $shop->rail_kg,
            hookKg: $shop->hook_kg,
            ovenMaxC: $oven?->max_c,
            compressorM3Min: $shop->airLine()->continuousM3Min(),
            nozzleMm: $shop->nozzle_mm,
            groundOhm: $ground?->figure('ohm'),
            groundMeasuredToday: $ground !== null,
            groundVolts: $ground?->figure('volts'),
            lightMetalCabinet: $shop->light_metal_cabinet,
            gunInterlocked: $shop->gun_interlocked,
            boothFaceMPerS: $shop->booth_face_m_s,
            breathingAirDays: $tested === null ? null : max(0.0, $tested->diffInDays(ShopClock::today())),
            coAlarm: $shop->co_alarm,
            oven: $oven?->model(),
            saltAir: $shop->by_the_sea,
            sprayGMin: $shop->booth_air_m3_min === null ? null : self::mostFlow(),
            boothAirM3Min: $shop->booth_air_m3_min,
            feed: ThisRequest::once('usual gun', Gun::usual(...))?->feed,
            lelGM3: $this->coats->map(fn (Coat $coat): ?float => $coat->powder->lel_g_m3)->filter()->min(),
        );
    }

    /** What the shop's hungriest gun throws, g/min; null where it has none. */
    private static function mostFlow(): ?float
    {
        return ThisRequest::once('guns', Gun::inUse(...))->max(fn (Gun $gun): float => $gun->model()->flowGPerMin);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E|null
     */
    private function word(string $enum, ?string $stored, string $where): ?\BackedEnum
    {
        $word = $stored === null ? null : $enum::tryFrom($stored);
        if ($stored !== null && $word === null) {
            $this->unknown[] = "{$where} “{$stored}”";
        }

        return $word;
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return list<E>
     */
    private function words(string $enum, string $kind, string $where): array
    {
        $stored = $this->part->traits->where('kind', $kind)->pluck('word')->all();

        return array_values(
            array_filter(array_map(fn (string $word): ?\BackedEnum => $this->word($enum, $word, $where), $stored)),
        );
    }
}

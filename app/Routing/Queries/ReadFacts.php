<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Application\PinnedRecess;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Preparation\Racking\Rack as HungRack;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\BlastFacts;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\LicensedHazard;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\SafetyRole;
use Aenum\Core\Trade\ServiceEnvironment;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\PartTrait;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\Signature;
use Illuminate\Support\Collection;

/**
 * Reads the stored facts of a part as the core's values.
 *
 * Unknown words are left out and reported, so that one row never breaks a page.
 */
final class ReadFacts
{
    /** @var list<string> words that were not understood, each with where it stood */
    public array $unknown = [];

    public readonly JobFacts $facts;

    /** @param  Collection<int, Coat>  $coats  from the metal up */
    private function __construct(
        private readonly Part $part,
        private readonly ?Batch $batch,
        private readonly Collection $coats,
    ) {
        BatchSnapshot::ofPart($this->part);
        $shop = Shop::current();
        $chosen = $this->part->strip_way ?? '';
        $this->facts = new JobFacts(
            part: $this->partFacts(),
            lives: $this->word(
                ServiceEnvironment::class,
                $this->part->job->lives,
                'where it lives',
            ) ?? ServiceEnvironment::Outdoors,
            coats: array_values($this->coats->map($this->coat(...))->all()),
            blast: $this->blast(),
            equipment: $this->equipment($shop),
            house: PartPolicies::of($this->part)->strippedBy($chosen),
            humidityPct: $shop->humidity_pct,
            signed: $this->part->signatures
                ->mapWithKeys(fn (Signature $one): array => [$one->rule => $one->signed_by])
                ->all(),
            rack: $this->rack(),
            agent: Agents::find($chosen),
        );
    }

    /** As one of its lots has it, where one is given: its count, and the coats that lie on it or are to. */
    public static function of(Part $part, ?Batch $batch = null): self
    {
        return new self($part, $batch, $batch === null ? self::planned($part) : BatchCoats::of($batch)->on());
    }

    /** As it was planned for all of its pieces, whatever was done to mend some. */
    public static function asPlanned(Part $part, ?Batch $batch): self
    {
        return new self($part, $batch, self::planned($part));
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
            count: $this->batch->count ?? $part->count,
            massKg: $part->mass_kg,
            areaM2: $part->area_m2,
            boxMm: $this->box(),
            made: $this->word(Fabrication::class, $part->made, 'how it was made') ??
                ($metal->alwaysCast ? Fabrication::Cast : Fabrication::Sheet),
            onIt: $this->words(ArrivalCondition::class, PartTrait::ON_IT, 'what is on it'),
            features: $this->features(),
            marks: $this->words(PartFlag::class, PartTrait::MARK, 'what else is so'),
            duty: $this->word(SafetyRole::class, $part->duty, 'its duty') ?? SafetyRole::None,
            temperC: $part->temper_c,
            strengthMpa: $part->strength_mpa,
            alloy: $this->word(Alloy::class, $part->alloy, 'its alloy') ?? Alloy::Unknown,
            paintTest: $this->word(PaintTest::class, $part->paint_test, 'its paint test') ?? PaintTest::NotTested,
            metalMinutesSoFar: MetalHeatHistory::of($part, batch: $this->batch),
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
            over: $below === null ? CoatBase::Metal : $below->bakeTo()->under($cured),
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
        $ground = GroundReading::today($this->part, $this->batch);
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
            feed: Gun::usual()?->feed,
            lelGM3: $this->coats->map(fn (Coat $coat): ?float => $coat->powder->lel_g_m3)->filter()->min(),
        );
    }

    /** What the shop's hungriest gun throws, g/min; null where it has none. */
    private static function mostFlow(): ?float
    {
        return Gun::inUse()->max(fn (Gun $gun): float => $gun->model()->flowGPerMin);
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

<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Application\Feed;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Routing\BlastFacts;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\ClearNeed;
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
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** What is known of a job as JSON has it, every word and range checked. */
final class JobNode
{
    /** @throws InvalidInput */
    public static function read(Node $file): JobFacts
    {
        $house = self::house($file->find('house'));
        $humidity = $file->numberOr('humidity_pct', JobFacts::USUAL_HUMIDITY_PCT) ?? JobFacts::USUAL_HUMIDITY_PCT;

        return new JobFacts(
            part: self::part($file->need('part', 'an object')),
            lives: $file->find('where')?->enum(ServiceEnvironment::class) ?? ServiceEnvironment::Indoors,
            coats: self::coats($file->find('coats'), $house),
            blast: self::blast($file->find('blast')),
            equipment: self::equipment($file->find('equipment')),
            house: $house,
            humidityPct: $file->guard(fn (): float => Check::between('humidity_pct', $humidity, 0, 100)),
            signed: self::signed($file->find('signed')),
        );
    }

    private static function part(Node $node): PartFacts
    {
        $marks = array_column(PartFlag::cases(), 'value');
        $node->object([
            'name', 'metal', 'count', 'mass_kg', 'area_m2', 'box_mm', 'made', 'on_it', 'features', 'duty', 'temper_c',
            'strength_mpa', 'alloy', 'paint_test', 'paint_tested', 'metal_minutes_so_far', 'licence', 'licensed_for',
            'acid_product',
            ...$marks,
        ]);
        $metal = $node->need('metal', 'one of '.implode(', ', MetalCatalog::keys()))->oneOf(MetalCatalog::keys());
        $is = fn (PartFlag $mark): bool => $node->find($mark->value)?->asFlag() ?? false;
        $above = fn (string $key, float $most): ?float => ($value = $node->numberOr($key, null)) === null
            ? null
            : Check::above($key, $value, 0, $most);
        $soFar = $node->numberOr('metal_minutes_so_far', 0.0) ?? 0.0;
        $temper = $node->numberOr('temper_c', null);

        return $node->guard(fn (): PartFacts => new PartFacts(
            name: $node->find('name')?->asText() ?? 'part',
            metal: MetalCatalog::get($metal),
            count: (int) Check::between('count', $node->find('count')?->asWhole() ?? 1, 1, 10000),
            massKg: $above('mass_kg', 50000),
            areaM2: $above('area_m2', 2000),
            boxMm: self::box($node->find('box_mm')),
            made: $node->find('made')?->enum(Fabrication::class) ?? Fabrication::Sheet,
            onIt: $node->find('on_it')?->enums(ArrivalCondition::class, 30) ?? [],
            features: $node->find('features')?->enums(Feature::class, 30) ?? [],
            marks: array_values(array_filter(PartFlag::cases(), $is)),
            duty: $node->find('duty')?->enum(SafetyRole::class) ?? SafetyRole::None,
            temperC: $temper === null ? null : Check::celsius('temper_c', $temper),
            strengthMpa: $above('strength_mpa', 4000),
            alloy: $node->find('alloy')?->enum(Alloy::class) ?? Alloy::Unknown,
            paintTest: self::paintTest($node),
            metalMinutesSoFar: Check::between('metal_minutes_so_far', $soFar, 0, 1e6),
            licence: $node->find('licence')?->asText(),
            acidProduct: $node->find('acid_product')?->asText(),
            licensedFor: $node->find('licensed_for')?->enums(LicensedHazard::class, 10) ?? [],
        ));
    }

    /** What was found by the test; files of the first release only said that it was made, and found nothing. */
    private static function paintTest(Node $node): PaintTest
    {
        $tested = $node->find('paint_tested')?->asFlag() ?? false;

        return $node->find('paint_test')?->enum(PaintTest::class)
            ?? ($tested ? PaintTest::None : PaintTest::NotTested);
    }

    /** @return list<CoatFacts> */
    private static function coats(?Node $list, ShopPolicies $house): array
    {
        $coats = [];
        foreach ($list?->list(0, 10) ?? [] as $n => $node) {
            $usual = $house->between->bakeTo()->under(curedBeforeClear: false);
            $coats[] = self::coat($node, $n === 0 ? CoatBase::Metal : $usual);
        }

        return $coats;
    }

    private static function coat(Node $node, CoatBase $usual): CoatFacts
    {
        $node->object([
            'role', 'bake_c', 'bake_min', 'film_um', 'effect', 'zinc_rich', 'gas_tolerant', 'conductive', 'over',
            'before_clear', 'zone', 'share', 'clear', 'tried', 'chemistry', 'outdoors',
            'edge_m',
        ]);

        $edge = $node->numberOr('edge_m', null);

        return $node->guard(fn (): CoatFacts => new CoatFacts(
            role: $node->find('role')?->enum(Role::class) ?? Role::Base,
            bakeC: Check::celsius('bake_c', $node->number('bake_c')),
            bakeMinutes: Check::above('bake_min', $node->numberOr('bake_min', 10.0) ?? 10.0, 0, 10080),
            filmMicrons: Check::above('film_um', $node->numberOr('film_um', 75.0) ?? 75.0, 0, 2000),
            effect: $node->find('effect')?->enum(Effect::class) ?? Effect::Plain,
            zincRich: $node->find('zinc_rich')?->asFlag() ?? false,
            gasTolerant: $node->find('gas_tolerant')?->asFlag() ?? false,
            conductive: $node->find('conductive')?->asFlag() ?? false,
            over: $node->find('over')?->enum(CoatBase::class) ?? $usual,
            beforeClear: $node->find('before_clear')?->enum(BeforeClear::class) ?? BeforeClear::Silent,
            zone: $node->find('zone')?->asText(),
            share: Check::above('share', $node->numberOr('share', 1.0) ?? 1.0, 0, 1),
            clear: $node->find('clear')?->enum(ClearNeed::class) ?? ClearNeed::Silent,
            tried: $node->find('tried')?->asFlag() ?? false,
            chemistry: $node->find('chemistry')?->enum(Chemistry::class),
            outdoors: $node->find('outdoors')?->asFlag(),
            edgeM: $edge === null ? null : Check::above('edge_m', $edge, 0, 1000),
        ));
    }

    private static function blast(?Node $node): ?BlastFacts
    {
        $node?->object(['media', 'pressure_bar', 'rz_um']);
        $bar = $node?->numberOr('pressure_bar', null) ?? BlastPlan::REFERENCE_BAR;
        $rz = $node?->numberOr('rz_um', null);

        return $node?->guard(fn (): BlastFacts => new BlastFacts(
            Media::get($node->need('media', 'one of '.implode(', ', Media::keys()))->oneOf(Media::keys())),
            Check::between('pressure_bar', $bar, 0.9, 20),
            $rz === null ? null : Check::between('rz_um', $rz, 0, 500),
        ));
    }

    private static function equipment(?Node $node): EquipmentFacts
    {
        if ($node === null) {
            return new EquipmentFacts;
        }
        $node->object([
            'booth_mm', 'oven_mm', 'door_mm', 'rail_kg', 'hook_kg', 'oven_max_c', 'oven_vent_on', 'oven_used_for_food',
            'compressor_m3_min', 'nozzle_mm', 'ground_mohm', 'ground_measured_today', 'spray_g_min',
            'booth_air_m3_min', 'lel_g_m3', 'light_metal_cabinet', 'gun_interlocked', 'booth_face_m_s',
            'breathing_air_days', 'co_alarm', 'ground_volts', 'feed',
        ]);
        $positive = fn (string $key, float $most): ?float => ($value = $node->numberOr($key, null)) === null
            ? null
            : Check::above($key, $value, 0, $most);
        $megohm = $node->numberOr('ground_mohm', null);
        $days = $node->numberOr('breathing_air_days', null);

        return $node->guard(fn (): EquipmentFacts => new EquipmentFacts(
            boothMm: self::box($node->find('booth_mm')),
            ovenMm: self::box($node->find('oven_mm')),
            doorMm: self::door($node->find('door_mm')),
            railKg: $positive('rail_kg', 1e5),
            hookKg: $positive('hook_kg', 1e5),
            ovenMaxC: $positive('oven_max_c', 700),
            ovenVentOn: $node->find('oven_vent_on')?->asFlag() ?? true,
            ovenUsedForFood: $node->find('oven_used_for_food')?->asFlag() ?? false,
            compressorM3Min: $positive('compressor_m3_min', 1000),
            nozzleMm: $positive('nozzle_mm', 50),
            groundOhm: $megohm === null ? null : 1e6 * Check::between('ground_mohm', $megohm, 0, 1e6),
            groundMeasuredToday: $node->find('ground_measured_today')?->asFlag() ?? false,
            sprayGMin: $positive('spray_g_min', 10000),
            boothAirM3Min: $positive('booth_air_m3_min', 1e5),
            lelGM3: $positive('lel_g_m3', 1000),
            lightMetalCabinet: $node->find('light_metal_cabinet')?->asFlag(),
            gunInterlocked: $node->find('gun_interlocked')?->asFlag(),
            boothFaceMPerS: $positive('booth_face_m_s', 20),
            breathingAirDays: $days === null ? null : Check::between('breathing_air_days', $days, 0, 36500),
            coAlarm: $node->find('co_alarm')?->asFlag(),
            groundVolts: $positive('ground_volts', 100000),
            feed: $node->find('feed')?->enum(Feed::class),
        ));
    }

    private static function house(?Node $node): ShopPolicies
    {
        $choices = ShopPolicies::choices();
        $node?->object(array_keys($choices));
        $ways = [];
        foreach ($choices as $question => $allowed) {
            $way = $node?->find($question)?->oneOf($allowed);
            if ($way !== null) {
                $ways[$question] = $way;
            }
        }

        return ShopPolicies::read($ways);
    }

    /** @return array<string, string> */
    private static function signed(?Node $node): array
    {
        $signed = [];
        foreach ($node?->list(0, 100) ?? [] as $entry) {
            $entry->object(['rule', 'by']);
            $signed[$entry->need('rule', 'a rule\'s key')->asText()] = $entry->need('by', 'a name')->asText();
        }

        return $signed;
    }

    /** @return array{float, float, float}|null */
    private static function box(?Node $node): ?array
    {
        $sides = array_map(fn (Node $side): float => $side->asNumber(), $node?->list(3, 3) ?? []);

        return $node === null ? null : [$sides[0], $sides[1], $sides[2]];
    }

    /** @return array{float, float}|null */
    private static function door(?Node $node): ?array
    {
        $sides = array_map(fn (Node $side): float => $side->asNumber(), $node?->list(2, 2) ?? []);

        return $node === null ? null : [$sides[0], $sides[1]];
    }
}

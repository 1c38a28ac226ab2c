<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Inspection\CareInstructions;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\FilmGauge;
use Aenum\Core\Inspection\FilmLayer;
use Aenum\Core\Inspection\InspectionCheckKind;
use Aenum\Core\Inspection\Rework;
use Aenum\Core\Inspection\ReworkCase;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Inspection\ReworkRoute;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Trade\Station;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** What each way of mending takes and leaves, and why it is not to be had; what is looked at, and what is told. */
final class ReworkTest extends TestCase
{
    private static function sheet(): CureSheet
    {
        return CureSheet::of(
            Chemistry::Polyester,
            [CureScheduleRow::of(180, 15, 45), CureScheduleRow::of(200, 8, 22)],
            null,
            120,
            3,
        );
    }

    private static function case(
        DefectKind $defect = DefectKind::Seeds,
        float $overbake = 0.4,
        ?float $filmUm = 68.0,
        ?bool $toMetal = null,
        bool $underCured = false,
        string $metal = 'carbon_steel',
        array $marks = [],
        bool $oven = true,
        float $metalMinutes = 0.0,
        float $dose = 1.4,
    ): ReworkCase {
        $part = new PartFacts(
            'hood', MetalCatalog::get($metal), 2, 2.1, 0.24, marks: $marks, metalMinutesSoFar: $metalMinutes,
            alloy: $marks === [] ? Alloy::Unknown : Alloy::Aged6xxx,
        );
        $primer = new CoatFacts(Role::Primer, 180, 15, 75);
        $base = new CoatFacts(Role::Base, 200, 8, 75, over: CoatBase::Flowed);
        $equipment = $oven ? new EquipmentFacts(oven: Loads::oven(), ovenMaxC: 230) : new EquipmentFacts;
        $layer = fn (string $name, float $over): FilmLayer => new FilmLayer($name, self::sheet(), $dose, $over, 60, 90);

        return new ReworkCase(
            $defect,
            new JobFacts($part, coats: [$primer, $base], equipment: $equipment),
            [$layer('primer', $overbake), $layer('base', $overbake - 0.1)],
            [$primer, $base],
            [['sg' => 2.4, 'price' => 31.0], ['sg' => 1.5, 'price' => 12.0]],
            $filmUm,
            $toMetal,
            20.0,
            ['hour' => 78.0, 'powder_kg' => 14.0, 'kwh' => 0.27],
            $underCured,
        );
    }

    private static function of(ReworkMethod $way, ReworkCase $case): Rework
    {
        return Rework::of($way, $case, 2);
    }

    /** @return list<string> */
    private static function kinds(Rework $rework): array
    {
        return array_map(fn (Step $step): string => $step->kind->value.($step->coat ?? ''), $rework->steps);
    }

    public function test_a_recoat_is_sanded_wiped_coated_and_baked_as_the_next_coat_of_these_pieces(): void
    {
        $one = self::of(ReworkMethod::Recoat, self::case(DefectKind::Seeds, 0.3));
        self::assertNull($one->not);
        self::assertSame(['abrade3', 'solvent_wipe', 'coat3', 'bake3', 'cool'], self::kinds($one));
        // Hands: sand 2 + 6·0.48, wipe 2 + 2·0.48, coat 20 + 60·0.48/18, bake 3.
        self::assertEqualsWithDelta(4.88 + 2.96 + 21.6 + 3, $one->minutes, 1e-9);
        // Powder: 0.48 m² of 75 µm at 1.5 over 60 % on a coat, and 45 g that stay in the cup.
        self::assertEqualsWithDelta(0.48 * 1.5 * 75 / 1000 / 0.6 + 0.045, $one->powderKg, 1e-9);
        self::assertEqualsWithDelta(68 - Rework::SANDED_UM + 75, $one->filmAfterUm, 1e-9);
        self::assertEqualsWithDelta(270, $one->filmMostUm, 1e-9);
        self::assertGreaterThan($one->minutes / 60 * 78, $one->money);
        foreach ($one->layers as $n => $layer) {
            self::assertGreaterThan((float) $layer->now + 0.2, $layer->after, "layer {$n} is in that bake too");
        }
        self::assertNull($one->metalMinutes, 'steel does not age');
        self::assertTrue($one->isWork());
    }

    public function test_what_a_sheet_stands_is_never_gone_past(): void
    {
        $spoils = self::of(ReworkMethod::Recoat, self::case(DefectKind::Seeds, 0.9));
        // What lies on the metal is named first, with its own two figures.
        self::assertSame(1, preg_match(
            '/^primer would be over-baked: it has had 0\.90 of what its powder stands, and would have 1\.\d\d$/',
            (string) $spoils->not,
        ), (string) $spoils->not);
        self::assertFalse($spoils->isWork());
        $close = self::of(ReworkMethod::Recoat, self::case(DefectKind::Seeds, 0.55));
        self::assertNull($close->not);
        self::assertSame(TimingCriterion::Dose, $close->countedBy, 'only the gentler count spares it');
        self::assertNull(self::of(ReworkMethod::Recoat, self::case(DefectKind::Seeds, 0.2))->countedBy);
        // Without an oven or a weight the hold alone is reckoned.
        $blind = self::of(ReworkMethod::Recoat, self::case(DefectKind::Seeds, 0.4, oven: false));
        self::assertEqualsWithDelta(0.4 + 8 / 22, $blind->layers[0]->after, 1e-3);
    }

    public function test_dirt_that_may_go_to_metal_is_not_coated_over_before_somebody_looked(): void
    {
        $recoat = fn (?bool $toMetal): ?string => self::of(
            ReworkMethod::Recoat,
            self::case(DefectKind::Fisheye, 0.2, toMetal: $toMetal),
        )->not;
        self::assertStringContainsString('break one open', (string) $recoat(null));
        self::assertStringContainsString('comes through the next coat too', (string) $recoat(true));
        self::assertNull($recoat(false));
        self::assertNull(self::of(ReworkMethod::Strip, self::case(DefectKind::Fisheye, 0.9))->not);
    }

    public function test_a_film_short_of_cure_is_baked_and_nothing_else_is(): void
    {
        $short = self::case(DefectKind::SoftFilm, 0.2, underCured: true);
        $bake = self::of(ReworkMethod::Rebake, $short);
        self::assertNull($bake->not);
        self::assertSame([], $bake->steps, 'its own bake is open again');
        self::assertGreaterThan(8, $bake->waitMinutes);
        $adds = function (float $dose, bool $oven = true, float $had = 0.2): array {
            $case = self::case(DefectKind::SoftFilm, $had, underCured: true, oven: $oven, dose: $dose);
            $layers = self::of(ReworkMethod::Rebake, $case)->layers;

            return [$layers[0]->after - $layers[0]->now, $layers[1]->after - $layers[1]->now];
        };
        self::assertGreaterThan(0.05, min($adds(0.0)), 'both layers are in that bake');
        self::assertEqualsWithDelta($adds(0.0), $adds(0.8), 1e-9, 'a window is held whole');
        self::assertLessThan($adds(0.0, had: 0.6)[1], $adds(0.8, had: 0.6)[1], 'counted whole, what it has had is');
        self::assertEqualsWithDelta([8 / 22, 8 / 22], $adds(0.8, false), 1e-3, 'without an oven the hold alone');
        self::assertStringContainsString('baked first', (string) self::of(ReworkMethod::Recoat, $short)->not);
        self::assertStringContainsString('not short', (string) self::of(ReworkMethod::Rebake, self::case())->not);
    }

    public function test_what_has_to_fit_is_not_agreed_on(): void
    {
        foreach (DefectKind::cases() as $defect) {
            $not = self::of(ReworkMethod::Accept, self::case($defect))->not;
            self::assertSame($defect->isSafety(), $not !== null, $defect->value);
        }
        $accepted = self::of(ReworkMethod::Accept, self::case());
        self::assertSame([0.0, 0.0, 0.0], [$accepted->minutes, $accepted->powderKg, $accepted->money]);
        self::assertSame($accepted->layers[0]->now, $accepted->layers[0]->after);
    }

    public function test_a_strip_takes_the_whole_way_anew_behind_what_was(): void
    {
        $strip = self::of(ReworkMethod::Strip, self::case(DefectKind::Peeling));
        $kinds = self::kinds($strip);
        self::assertContains('coat3', $kinds);
        self::assertContains('coat4', $kinds);
        self::assertNotContains('coat1', $kinds);
        self::assertNotSame([], array_intersect(['strip_chemical', 'strip_caustic', 'burn_off', 'blast'], $kinds));
        foreach ($strip->steps as $step) {
            self::assertTrue($step->kind->station()->isAfter(Station::Intake));
            self::assertTrue(Station::Inspect->isAfter($step->kind->station()));
        }
        self::assertSame([], $strip->layers);
        self::assertEqualsWithDelta(150, $strip->filmAfterUm, 1e-9);
        self::assertSame([], ReworkRoute::lay(ReworkMethod::Accept, DefectKind::Seeds, self::case()->facts, [], 2));
    }

    public function test_past_what_its_metal_stands_only_a_name_may_say_so(): void
    {
        $aged = self::case(
            DefectKind::Seeds,
            0.2,
            metal: 'aluminium',
            marks: [PartFlag::HeatTreated],
            metalMinutes: 44.0,
        );
        $recoat = self::of(ReworkMethod::Recoat, $aged);
        self::assertStringContainsString('min as at 200', (string) $recoat->not);
        self::assertGreaterThan(45, $recoat->metalMinutes[1] ?? 0);
        $young = self::case(DefectKind::Seeds, 0.2, metal: 'aluminium', marks: [PartFlag::HeatTreated]);
        self::assertNull(self::of(ReworkMethod::Recoat, $young)->not);
        self::assertFalse(self::of(ReworkMethod::Recoat, $young)->heatsMetalMuch());
        $plain = self::case(DefectKind::Seeds, 0.2, metal: 'aluminium', metalMinutes: 44.0);
        self::assertNull(self::of(ReworkMethod::Recoat, $plain)->not, 'not heat-treated: said, not forbidden');
        self::assertTrue(self::of(ReworkMethod::Recoat, $plain)->heatsMetalMuch());
    }

    public function test_the_ways_come_mending_first_then_agreeing_then_what_is_not_to_be_had(): void
    {
        $all = Rework::all(self::case(DefectKind::Seeds, 0.2), 2);
        $ways = array_map(fn (Rework $one): string => $one->way->value, $all);
        self::assertSame(['recoat', 'strip', 'accept', 'rebake'], $ways);
    }

    public function test_a_film_rubbed_through_has_had_little_whatever_was_computed(): void
    {
        self::assertSame(
            [0.5, 0.8, null, null, null],
            array_map(SolventRub::doseAtMost(...), [1, 2, 3, 4, 5]),
        );
    }

    public function test_what_is_looked_at_goes_by_the_coats_and_the_use(): void
    {
        $asked = function (
            array $coats,
            ServiceEnvironment $lives = ServiceEnvironment::Indoors,
            int $count = 1,
            array $features = [],
        ): array {
            $facts = new JobFacts(
                new PartFacts('x', MetalCatalog::get('carbon_steel'), $count, features: $features),
                $lives,
                $coats,
            );

            return array_values(array_map(
                fn (InspectionCheckKind $one): string => $one->value,
                array_filter(
                    InspectionCheckKind::cases(),
                    fn (InspectionCheckKind $one): bool => $one->isAskedOf($facts),
                ),
            ));
        };
        $plain = new CoatFacts(Role::Base, 200, 8, 75);
        self::assertSame(['faces', 'edges', 'hanging', 'clean', 'cold', 'packed'], $asked([$plain]));
        $all = $asked([
            new CoatFacts(Role::Base, 200, 8, 75, Effect::Metallic),
            new CoatFacts(Role::Clear, 200, 8, 60),
            new CoatFacts(Role::Base, 200, 8, 75, Effect::Textured),
        ], ServiceEnvironment::Coast, 4, [Feature::Seams, Feature::Threads]);
        self::assertSame([
            'faces', 'edges', 'seams', 'flake', 'texture', 'clear', 'set', 'cut_ends', 'hanging', 'masks_off', 'clean',
            'cold', 'packed',
        ], $all);
        self::assertSame([PinKind::Recess], InspectionCheckKind::Torch->pins());
        self::assertTrue(InspectionCheckKind::Bare->wantsName());
        foreach (InspectionCheckKind::cases() as $look) {
            self::assertNotSame('', $look->label());
            self::assertTrue($look->finds()->isFault());
            self::assertContains($look->station(), [Station::Inspect, Station::Release]);
        }
    }

    public function test_care_is_by_what_is_on_it_and_where_it_lives(): void
    {
        $inside = CareInstructions::sentences([Effect::Plain], ServiceEnvironment::Indoors, false);
        $coast = CareInstructions::sentences([Effect::Metallic, Effect::Textured], ServiceEnvironment::Coast, false);
        self::assertStringContainsString('Once a year', implode(' ', $inside));
        self::assertStringContainsString('salt water', implode(' ', $coast));
        self::assertStringContainsString('metallic without a clear', implode(' ', $coast));
        self::assertStringNotContainsString(
            'metallic without',
            implode(' ', CareInstructions::sentences([Effect::Metallic], ServiceEnvironment::Outdoors, true)),
        );
        foreach (MetalFamily::cases() as $metal) {
            self::assertMatchesRegularExpression('/gauge|[Mm]agnet/', FilmGauge::words($metal));
        }
    }
}

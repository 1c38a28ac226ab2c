<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Advice\SprayAdvice;
use Aenum\Core\Application\CoatPlan;
use Aenum\Core\Application\CoatTask;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Coverage;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun;
use Aenum\Core\Application\GunAdvice;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\Nozzle;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PinnedRecess;
use Aenum\Core\Application\PowderSheet;
use Aenum\Core\Application\Transfer;
use Aenum\Core\Application\WarmWindow;
use Aenum\Core\Application\Zone;
use Aenum\Core\Application\ZoneKind;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Routing\CoatFloor;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Trade\SprayOrder;
use Aenum\Core\Trade\VoltagePolicy;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** A coat as the bench plans it: settings, passes, grams, minutes, charge; held against sums done by hand. */
final class CoatPlanTest extends TestCase
{
    private static function gun(GunKind $kind = GunKind::Full, ?float $lowKv = null): Gun
    {
        $tips = [Nozzle::Slot, Nozzle::Round];

        return Gun::of('gun', $kind, Feed::Cup, $tips, 100, $lowKv, 100, 110, 240, 220);
    }

    /** @param  list<PinnedRecess>  $recesses */
    private static function plan(float $m2, int $pieces, array $recesses = [], mixed ...$with): CoatPlan
    {
        return CoatPlan::of(CoatTask::of(...$with + [
            'zones' => Zone::all($m2, $pieces, $recesses),
            'pieces' => $pieces,
            'gun' => self::gun(),
            'transfer' => Transfer::of(Openness::Panel, false, false, Ground::Good),
            'specificGravity' => 1.55,
            'lowUm' => 60.0,
            'highUm' => 90.0,
        ]));
    }

    public function test_zones_share_the_skin_and_recesses_come_first(): void
    {
        $zones = Zone::all(8.0, 4, [PinnedRecess::of(3, 40, 30, 2)]);
        self::assertSame(['pin-3', 'inside', 'face', 'far_side'], array_map(fn (Zone $z): string => $z->key, $zones));
        self::assertEqualsWithDelta(8.0, array_sum(array_map(fn (Zone $z): float => $z->areaM2, $zones)), 1e-9);
        // Floor 40 × 60 and walls 2·30·(40 + 60), twice on each of four.
        self::assertEqualsWithDelta(8 * (2400 + 6000) * 1e-6, $zones[0]->areaM2, 1e-9);
        $many = Zone::all(0.1, 1, [PinnedRecess::of(1, 200, 100, 30)]);
        self::assertEqualsWithDelta(0.04, $many[0]->areaM2, 1e-9, 'never more than two fifths of the skin');
        $back = Zone::all(1.0, 1, [], SprayOrder::BackFirst);
        self::assertSame(ZoneKind::FarSide, $back[0]->kind);
    }

    public function test_transfer_by_openness_and_what_moves_it(): void
    {
        $of = fn (Openness $open, bool $re, bool $warm, ?Ground $earth): float => Transfer::of(
            $open, $re, $warm, $earth,
        )->share;
        self::assertEqualsWithDelta(0.70, $of(Openness::Panel, false, false, Ground::Good), 1e-9);
        self::assertEqualsWithDelta(0.60, $of(Openness::Panel, true, false, null), 1e-9);
        self::assertEqualsWithDelta(0.60, $of(Openness::Casting, false, true, Ground::Good), 1e-9);
        self::assertEqualsWithDelta(0.225, $of(Openness::Lattice, false, false, Ground::Dirty), 1e-9);
        self::assertEqualsWithDelta(0.125, $of(Openness::Lattice, true, false, Ground::Bad), 1e-9);
        self::assertEqualsWithDelta(0.1, Transfer::of(Openness::Lattice, true, false, Ground::Bad, 0.3)->share, 1e-9);
        self::assertEqualsWithDelta(0.95, Transfer::of(Openness::Panel, false, false, null, 0.9, 1.2)->share, 1e-9);
        self::assertSame(
            'Transfer: panel or closed body 70 %, over another coat −10 %, warm metal +10 %.',
            Transfer::of(Openness::Panel, true, true, null)->words(),
        );
        self::assertSame(['the powder\'s own' => 0.8], Transfer::of(Openness::Panel, false, false, null, 0.8)->parts);
        // A sheet speaks of panels: 0.8 on a panel is 0.8 x 0.375 / 0.7 on open work.
        $open = Transfer::of(Openness::Lattice, false, false, null, 0.8);
        self::assertEqualsWithDelta(0.8 * 0.375 / 0.7, $open->share, 1e-9);
        self::assertSame(['the powder\'s own', 'lattice, tubes or bars'], array_keys($open->parts));
    }

    public function test_passes_come_nearest_to_the_film_wanted_within_the_band(): void
    {
        $plan = self::plan(4.0, 4);
        $face = $plan->zones[1];
        // 110 g/min, 0.70 at 212.5 mm of 220, half overlap: 23.8 µm a pass, three of them nearest to 75.
        $away = exp(-0.5 * (212.5 / 220 - 1) ** 2);
        $each = 110 * 0.7 * $away * 1e6 / (60 * 1.55 * 240 * 212.5 / 220 * 300) / 0.5;
        self::assertEqualsWithDelta($each, $face->perPassUm, 1e-9);
        self::assertSame(3, $face->passes);
        self::assertEqualsWithDelta($face->passes * $face->perPassUm, $face->filmUm, 1e-9);
        self::assertGreaterThanOrEqual(60, $face->filmUm);
        self::assertLessThanOrEqual(90, $face->filmUm);
        self::assertSame(1, $plan->zones[2]->forNothing, 'wrap gives the far side a pass');
        self::assertSame($face->passes - 1, $plan->zones[2]->passes);
        self::assertSame([], $plan->thin());
        $thick = self::plan(4.0, 4, [], handMmPerS: 40.0);
        self::assertSame(1, $thick->zones[1]->passes);
        self::assertNotSame([], $thick->thick(), 'one pass of so slow a hand is past the band');
    }

    /** Powder = Σ area·SG·µm/(1000·η), what the cup keeps, and a tenth for a redo. */
    public function test_what_is_weighed_out(): void
    {
        $plan = self::plan(4.0, 4);
        $film = $plan->zones[0]->filmUm;
        $spray = 1000 * 4.0 / Coverage::m2PerKg(1.55, $film, $plan->task->transfer->share);
        self::assertEqualsWithDelta($spray, $plan->sprayG, 1e-6);
        self::assertSame(Feed::Cup->keepsG(), $plan->keepsG);
        self::assertEqualsWithDelta(5 * ceil(($spray * 1.1 + 45) / 5), $plan->weighOutG(), 1e-9);
        self::assertEqualsWithDelta(2 * $plan->minutes, self::plan(4.0, 4, [], minutesFactor: 2.0)->minutes, 1e-9);
        self::assertSame($plan->plainMinutes, self::plan(4.0, 4, [], minutesFactor: 2.0)->plainMinutes);
    }

    public function test_a_recess_takes_passes_until_its_rim_is_full(): void
    {
        $wide = self::plan(1.0, 1, [PinnedRecess::of(1, 80, 5)])->zones[0];
        self::assertFalse($wide->isThin);
        self::assertGreaterThanOrEqual(60, $wide->filmUm);
        self::assertLessThanOrEqual(90, $wide->besideUm);
        self::assertNull($wide->hardness());
        $deep = self::plan(1.0, 1, [PinnedRecess::of(1, 30, 75)])->zones[0];
        self::assertTrue($deep->isThin, 'no number of passes covers the floor of it');
        self::assertFalse($deep->isThick);
        self::assertEqualsWithDelta(2.5, $deep->hardness(), 1e-9);
        $schools = $deep->schools();
        self::assertNotNull($schools);
        self::assertGreaterThan($deep->ratio, $schools['lower']);
        self::assertGreaterThan($deep->ratio, $schools['further']);
        self::assertSame('round', $deep->setting->tip->value);
    }

    public function test_settings_are_those_of_the_table_for_the_gun_there_is(): void
    {
        $for = fn (ZoneKind $zone, bool $recoat = false, bool $light = false, ?Gun $gun = null,
            VoltagePolicy $way = VoltagePolicy::LowAsItTakes): array => [
                ($set = GunAdvice::for($gun ?? self::gun(), $zone, $recoat, $light, $way)->setting)->kv,
                $set->microAmps,
                $set->air,
            ];
        self::assertSame([67.5, 50.0, 1.0], $for(ZoneKind::Face));
        self::assertSame([82.5, 70.0, 1.0], $for(ZoneKind::Face, way: VoltagePolicy::HighOnFlats));
        self::assertSame([45.0, 22.5, 0.7], $for(ZoneKind::Recess));
        self::assertSame([45.0, 22.5, 0.7], $for(ZoneKind::Recess, way: VoltagePolicy::HighOnFlats));
        self::assertSame([45.0, 12.5, 0.8], $for(ZoneKind::Face, true));
        self::assertSame([77.5, 50.0, 1.0], $for(ZoneKind::Face, false, true));
        $two = self::gun(GunKind::TwoStep, 50);
        self::assertSame(50.0, $for(ZoneKind::Recess, gun: $two)[0], 'the low step for recesses');
        self::assertSame(100.0, $for(ZoneKind::Face, false, true, $two)[0], 'the nearer step for faces');
        $weak = Gun::of('weak', GunKind::Full, Feed::Cup, [], 60, null, 30);
        self::assertSame([60.0, 30.0, 1.0], $for(ZoneKind::Face, gun: $weak));
    }

    public function test_current_is_held_down_so_that_the_film_wanted_does_not_kick(): void
    {
        $heavy = self::plan(1.0, 1, [], specificGravity: 2.6);
        self::assertLessThanOrEqual(0.95, $heavy->charge->index);
        self::assertLessThan(50, $heavy->zones[1]->setting->microAmps);
        self::assertSame('Current held down, or it would kick.', $heavy->zones[1]->why);
        $two = self::plan(1.0, 1, [], specificGravity: 2.6, gun: self::gun(GunKind::TwoStep, 50));
        self::assertGreaterThan(1.0, $two->charge->index, 'a gun that cannot limit it kicks');
        $by = ['face' => ['microAmps' => 80.0], 'inside' => ['kv' => 40.0]];
        $turned = self::plan(1.0, 1, [], specificGravity: 2.6, turned: $by);
        self::assertSame(80.0, $turned->zones[1]->setting->microAmps, 'what somebody turns stays turned');
        self::assertSame(40.0, $turned->zones[0]->setting->kv);
        self::assertGreaterThan(1.0, $turned->charge->index);
    }

    public function test_levers_say_what_each_would_do(): void
    {
        $plan = self::plan(2.0, 2, [], recoat: true, underUm: 20.0, ohms: 2e7);
        $levers = [];
        foreach ($plan->levers() as $lever) {
            $levers[$lever['what']->in(\Aenum\Core\Units\UnitSystem::Metric)] = $lever['index'];
        }
        self::assertCount(4, $levers);
        foreach ($levers as $what => $index) {
            self::assertLessThan($plan->charge->index, $index, $what);
        }
        self::assertEqualsWithDelta($plan->charge->index - $plan->charge->earthV / $plan->charge->breakdownV,
            $levers['good earth'], 1e-9);
        self::assertCount(2, self::plan(2.0, 2)->levers(), 'no film below, good earth: current and passes');
    }

    public function test_the_bench_reads_a_job(): void
    {
        $file = RouteFile::parse((string) json_encode([
            'format' => RouteFile::FORMAT,
            'part' => ['metal' => 'cast_aluminium', 'made' => 'cast', 'count' => 3, 'area_m2' => 0.5, 'mass_kg' => 3],
            'coats' => [
                ['role' => 'primer', 'bake_c' => 190, 'film_um' => 70],
                ['role' => 'base', 'bake_c' => 200, 'film_um' => 75],
                ['role' => 'base', 'bake_c' => 200, 'zone' => 'letters', 'share' => 0.1],
            ],
        ]));
        $powder = PowderSheet::of(1.5, 60, 90, softensC: 95);
        $at = fn (int $n): SprayAdvice => SprayAdvice::for(
            $file->plan(), $n, $powder, self::gun(), new CoatTurned(), ShopFactor::from([]),
        );
        self::assertSame(Openness::Casting, $at(0)->openness);
        self::assertSame([0.0, 70.0, 145.0], array_map(fn (int $n): float => $at($n)->plan->task->underUm, [0, 1, 2]));
        $area = fn (SprayAdvice $bench): float => array_sum(
            array_map(fn (ZonePlan $one): float => $one->zone->areaM2, $bench->plan->zones),
        );
        self::assertEqualsWithDelta(1.5, $area($at(0)), 1e-9);
        self::assertEqualsWithDelta(0.15, $area($at(2)), 1e-9, 'a second colour takes its share');
        self::assertTrue($at(1)->plan->task->recoat);
        $says = fn (CoatFloor $known): array => array_map(
            fn (Finding $one): string => $one->rule->key,
            $at(0)->findings($known, 20, 50, null),
        );
        self::assertContains('above-softening', $says(new CoatFloor(partC: 96)));
        self::assertNotContains('above-softening', $says(new CoatFloor(partC: 95)));
        self::assertContains('lot-short', $says(new CoatFloor(shortG: 5)));
        $away = SprayAdvice::for($file->plan(), 0, $powder, self::gun(), new CoatTurned(zones: [
            'face' => ['away_mm' => 60.0],
        ]), ShopFactor::from([]));
        self::assertContains('gun-out-of-reach', array_map(
            fn (Finding $one): string => $one->rule->key,
            $away->findings(new CoatFloor(), 20, 50, null),
        ));
    }

    public function test_a_lattice_is_told_by_what_its_box_holds(): void
    {
        $part = fn (float $m2): Openness => (RouteFile::parse((string) json_encode([
            'format' => RouteFile::FORMAT,
            'part' => ['metal' => 'carbon_steel', 'area_m2' => $m2, 'box_mm' => [1000, 800, 40]],
        ]))->plan()->facts->part)->openness();
        self::assertSame(Openness::Lattice, $part(0.959));
        self::assertSame(Openness::Panel, $part(0.96));
    }

    public function test_the_warm_window_is_read_off_the_cooling_curve(): void
    {
        $item = LoadItem::of('casting', 1, MetalCatalog::get('cast_iron'), 24.0, 1.15);
        $window = WarmWindow::of($item, 200, 20);
        self::assertEqualsWithDelta(Cooling::minutes($item, 200, 20, 90), $window->opensMin, 1e-6);
        self::assertEqualsWithDelta(Cooling::minutes($item, 200, 20, 70), $window->shutsMin, 1e-6);
        self::assertEqualsWithDelta($window->shutsMin - $window->opensMin, $window->lengthMin(), 1e-9);
        self::assertGreaterThan($window->shutsMin, $window->coldMin);
        self::assertEqualsWithDelta(90, WarmWindow::celsiusAfter($item, 200, 20, $window->opensMin), 0.2);
        self::assertEqualsWithDelta(200, WarmWindow::celsiusAfter($item, 200, 20, 0.0), 0.2);
        self::assertEqualsWithDelta(20.5, WarmWindow::celsiusAfter($item, 200, 20, 1e5), 0.1);
        $soft = WarmWindow::of($item, 200, 20, 80);
        self::assertGreaterThan($window->opensMin, $soft->opensMin, 'no warmer than the powder softens');
        self::assertSame(0.0, WarmWindow::of($item, 60, 20)->opensMin, 'not so hot: open at once');
        self::assertInfinite(WarmWindow::of($item, 200, 45)->coldMin, 'a hot room never lets it cool');
    }

    public function test_a_colour_change_is_dear_to_light_and_after_flake(): void
    {
        $change = function (string $from, string $to, bool $flake = false, bool $reclaim = false): ColorChange {
            return ColorChange::of(Feed::Cup, $from, $to, $flake, $reclaim);
        };
        self::assertEqualsWithDelta(8.0, $change('#ffffff', '#000000')->minutes, 1e-9);
        self::assertFalse($change('#ffffff', '#000000')->isDear);
        self::assertEqualsWithDelta(12.0, $change('#000000', '#ffffff')->minutes, 1e-9);
        self::assertTrue($change('#000000', '#ffffff')->isDear);
        self::assertEqualsWithDelta(8 * 1.6, $change('#000000', '#000000', true)->minutes, 1e-9);
        self::assertEqualsWithDelta(68.0, $change('#ffffff', '#000000', false, true)->minutes, 1e-9);
    }

    public function test_what_makes_no_sense_is_refused_by_name(): void
    {
        foreach (
            [
                'high_um' => fn () => self::plan(1.0, 1, [], highUm: 50.0),
                'area_m2' => fn () => Zone::all(0.0, 1, []),
                'most_kv' => fn () => Gun::of('gun', GunKind::Full, Feed::Cup, [], 201),
                'low_kv' => fn () => Gun::of('gun', GunKind::TwoStep, Feed::Cup, [], 90, 91),
                'width_mm' => fn () => PinnedRecess::of(1, 0, 3),
                'film_max' => fn () => PowderSheet::of(1.5, 60, 59),
                'overlap' => fn () => self::plan(1.0, 1, [], overlap: 0.96),
            ] as $place => $work
        ) {
            try {
                $work();
                self::fail($place);
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }
}

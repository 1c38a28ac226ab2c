<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Advice\BakeOutTarget;
use Aenum\Core\Advice\DoorCloseCheck;
use Aenum\Core\Advice\MaskHeat;
use Aenum\Core\Advice\PartFit;
use Aenum\Core\Advice\SprayAdvice;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\Nozzle;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PowderSheet;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is asked as the oven's door shuts, what a bake-out must reach, what goes in where, and the coat at the gun. */
final class ChecksTest extends TestCase
{
    private const STEEL = ['metal' => 'carbon_steel'];

    private const CASTING = ['metal' => 'cast_iron', 'made' => 'cast'];

    /** @param  list<Finding>  $findings */
    private static function keys(array $findings): array
    {
        return array_map(fn (Finding $one): string => $one->rule->key, $findings);
    }

    public function test_the_door_asks_by_what_this_load_reaches_and_not_by_what_was_planned(): void
    {
        $spring = AdviceJob::of(self::STEEL + ['hardened' => true, 'temper_c' => 200]);
        self::assertContains('above-temper', self::keys(DoorCloseCheck::of($spring, 201.0, 10.0)));
        self::assertNotContains('above-temper', self::keys(DoorCloseCheck::of($spring, 200.0, 10.0)));
        $signed = AdviceJob::of(self::STEEL + ['hardened' => true, 'temper_c' => 200], [
            'signed' => [['rule' => 'above-temper', 'by' => 'Mara Ostwald']],
        ]);
        $open = self::keys(DoorCloseCheck::of($signed, 201.0, 10.0));
        self::assertNotContains('above-temper', $open, 'somebody answers for it');
    }

    public function test_the_door_asks_the_sheets_of_a_cure_and_what_shares_the_oven(): void
    {
        $casting = AdviceJob::of(self::CASTING);
        $sheets = new PeakLimit(210.0, 'the sheet of Promenade green');
        $at = fn (PartRouting $plan, float $peakC, mixed ...$more): array => self::keys(
            DoorCloseCheck::of($plan, $peakC, 20.0, ...$more),
        );
        self::assertNotContains('hotter-than-sheet', $at($casting, 210.0, sheets: $sheets));
        self::assertContains('hotter-than-sheet', $at($casting, 211.0, sheets: $sheets));
        self::assertNotContains('hotter-than-sheet', $at($casting, 260.0), 'of a bare part no sheet speaks');
        self::assertNotContains('fumes-over-powder', $at($casting, 200.0));
        self::assertContains('fumes-over-powder', $at($casting, 200.0, besidePowder: true));
        self::assertNotContains('fumes-over-powder', $at(AdviceJob::of(self::STEEL), 200.0, besidePowder: true));
        $done = $casting->on(new FloorConditions(bakedOutC: 185.0));
        $cool = 'bake-out-too-cool';
        self::assertContains($cool, $at($done, 190.0, sheets: $sheets), 'this cure is hotter than it was');
        self::assertNotContains($cool, $at($done, 185.0, sheets: $sheets));
        self::assertNotContains($cool, $at($done, 190.0), 'itself a bake-out, it is held to what is planned');
    }

    public function test_a_bake_out_as_it_is_set_stands_in_the_route_in_its_place(): void
    {
        $set = DoorCloseCheck::bakedOut(AdviceJob::of(self::CASTING), 222.0, 33.0);
        $step = $set->all(StepKind::BakeOut)[0];
        self::assertSame([222.0, 33.0], [$step->celsius, $step->holdMinutes]);
        self::assertCount(count(AdviceJob::of(self::CASTING)->steps), $set->steps);
        self::assertSame(190.0, $set->all(StepKind::Bake)[0]->celsius, 'the cure is left as it is');
        // A route that has none gets one before the first coat.
        $steel = DoorCloseCheck::bakedOut(AdviceJob::of(self::STEEL), 222.0, 33.0);
        $at = $steel->first(StepKind::BakeOut);
        self::assertNotNull($at);
        self::assertSame($at + 1, $steel->first(StepKind::Coat));
        self::assertSame([0.0, 33.0], [$steel->steps[$at]->minutes, $steel->steps[$at]->waitMinutes]);
    }

    public function test_a_bake_out_of_several_is_as_hot_and_as_long_as_the_most_demanding_asks(): void
    {
        $asks = fn (float $celsius, float $hold): PartRouting => AdviceJob::of(self::CASTING, ['steps' => [
            ['step' => 'bake_out', 'pmt_c' => $celsius, 'hold_min' => $hold], ['step' => 'coat', 'coat' => 1],
        ]]);
        $aim = fn (PartRouting ...$plans): array => array_values((array) BakeOutTarget::of(array_values($plans)));
        self::assertSame([220.0, 60.0], $aim($asks(220, 30), $asks(200, 60)));
        self::assertSame([220.0, 60.0], $aim($asks(200, 60), $asks(220, 30)));
        self::assertSame([0.5, 0.5], $aim($asks(0.5, 0.5)), 'what is asked is asked, however little');
        self::assertSame([210.0, 45.0], $aim(AdviceJob::of(self::STEEL)), 'as usual where no route says');
        self::assertSame([210.0, 45.0], $aim());
    }

    public function test_while_acid_is_on_it_the_relief_bake_is_due_and_after_it_the_bake_out(): void
    {
        $route = AdviceJob::of(self::CASTING, ['steps' => [
            ['step' => 'relief_bake', 'pmt_c' => 195, 'hold_min' => 240],
            ['step' => 'bake_out', 'pmt_c' => 210, 'hold_min' => 45],
        ]]);
        $acid = $route->on(new FloorConditions(sinceAcidMin: 30.0));
        self::assertSame(StepKind::BakeOut, BakeOutTarget::kindDue($route));
        self::assertSame(StepKind::ReliefBake, BakeOutTarget::kindDue($acid));
        self::assertSame(195.0, BakeOutTarget::of([$acid])->targetC);
        $none = AdviceJob::of(self::CASTING)->on(new FloorConditions(sinceAcidMin: 30.0));
        self::assertSame(StepKind::BakeOut, BakeOutTarget::kindDue($none), 'a route that has none');
    }

    public function test_masks_see_the_bakes_that_come_after_them(): void
    {
        $route = AdviceJob::of(self::CASTING, ['steps' => [
            ['step' => 'plug_mask'],
            ['step' => 'bake_out', 'pmt_c' => 215, 'hold_min' => 45],
            ['step' => 'tape_mask'],
            ['step' => 'bake', 'pmt_c' => 190, 'hold_min' => 10, 'coat' => 1],
        ]]);
        $heat = MaskHeat::of($route);
        self::assertSame([215.0, 190.0], [$heat->plugsSeeC, $heat->tapeSeesC]);
        self::assertSame(
            [215.0, 190.0],
            [$heat->at(PinKind::Thread), $heat->at(PinKind::Face)],
        );
        $unmasked = MaskHeat::of(AdviceJob::of(self::STEEL));
        self::assertSame([190.0, 190.0], [$unmasked->plugsSeeC, $unmasked->tapeSeesC], 'any mask sees the hottest');
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>, string, ?bool, string}> */
    public static function fits(): array
    {
        $rail = ['box_mm' => [1200, 300, 60], 'count' => 4];
        $heavy = ['mass_kg' => 30] + $rail;

        return [
            'in' => [$rail, ['booth_mm' => [2000, 1500, 1500]], 'booth', true, 'Goes in.'],
            'too long' => [$rail, ['booth_mm' => [1000, 700, 700]], 'booth', false, 'Part is 1200 × 300 × 60 mm'],
            'not measured' => [$rail, [], 'booth', null, "The booth's measures are not written down."],
            'a part nobody measured' => [[], ['booth_mm' => [2000, 1500, 1500]], 'booth', null,
                'Its outside measures are not known; give them, or build it here.'],
            'in with room' => [$rail, ['oven_mm' => [2000, 1500, 1500]], 'oven', true, 'Goes in with '],
            'a rail' => [$heavy, ['rail_kg' => 120], 'rail', true, 'Carries 120 kg; all 4 weigh 120 kg.'],
            'a rail for some' => [$heavy, ['rail_kg' => 119], 'rail', true, 'Carries 119 kg: 3 of 4 at a time.'],
            'a rail for none' => [$heavy, ['rail_kg' => 29], 'rail', false, 'One piece is 30 kg, the rail carries 29'],
            'a rail nobody knows' => [$heavy, [], 'rail', null, 'What the rail carries is not written down.'],
            'a hook, of a part without a box' => [['mass_kg' => 4.2], ['hook_kg' => 5], 'hook', true,
                'Carries 5 kg; one weighs 4.2 kg.'],
        ];
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, mixed>  $shop
     */
    #[DataProvider('fits')]
    public function test_what_goes_in_and_what_carries_it(
        array $part,
        array $shop,
        string $equipment,
        ?bool $fits,
        string $says,
    ): void {
        $job = AdviceJob::of($part + self::STEEL, $shop === [] ? [] : ['equipment' => $shop]);
        $found = array_values(array_filter(
            PartFit::of($job),
            fn (PartFit $one): bool => $one->equipment->value === $equipment,
        ));
        self::assertCount(1, $found);
        self::assertSame($fits, $found[0]->fits);
        self::assertSame([true => 'Yes.', false => 'No.'][$fits] ?? '', $fits === null ? '' : $found[0]->answer());
        self::assertStringStartsWith($says, $found[0]->says->in(UnitSystem::Metric));
        $fits !== null || self::assertSame('', $found[0]->answer());
    }

    /** @param  array<string, mixed>  $more */
    private static function coat(
        PartRouting $job,
        int $at = 0,
        ?CoatTurned $set = null,
        float $learned = 1.0,
    ): SprayAdvice {
        $gun = Gun::of('gun', GunKind::Full, Feed::Cup, [Nozzle::Slot, Nozzle::Round], 100, null, 100, 110, 240, 220);

        return SprayAdvice::for(
            $job, $at, PowderSheet::of(1.5, 60.0, 90.0), $gun, $set ?? new CoatTurned(), ShopFactor::from([]), $learned,
        );
    }

    public function test_what_stands_in_the_way_of_the_cloud_is_told_by_skin_and_box(): void
    {
        $is = fn (array $part): Openness => AdviceJob::of($part + self::STEEL)->facts->part->openness();
        // Two faces of 1 m by 0.5 m: 1 m2 of box.
        $box = ['box_mm' => [500, 1000, 40]];
        self::assertSame(Openness::Lattice, $is($box + ['area_m2' => 0.59]));
        self::assertSame(Openness::Panel, $is($box + ['area_m2' => 0.6]));
        self::assertSame(Openness::Panel, $is(['area_m2' => 0.01]), 'nobody measured its box');
        self::assertSame(Openness::Casting, $is($box + ['area_m2' => 0.1, 'features' => ['recesses']]));
        self::assertSame(Openness::Casting, $is(self::CASTING + $box));
        $turned = new CoatTurned(Openness::Lattice);
        self::assertSame(Openness::Lattice, self::coat(AdviceJob::of(self::CASTING), set: $turned)->openness);
    }

    public function test_powder_by_hand_and_what_the_shop_learned_of_it(): void
    {
        $job = AdviceJob::of(self::STEEL + ['count' => 3]);
        $bench = self::coat($job);
        // 3 m2 at some 75 um of 1.5; 70 % of what a panel is sprayed with lands.
        $lands = array_sum(array_map(
            fn (ZonePlan $one): float => $one->zone->areaM2 * $one->filmUm * 1.5,
            $bench->plan->zones,
        ));
        self::assertEqualsWithDelta(337.5, $lands, 0.1 * 337.5);
        self::assertEqualsWithDelta($lands / 0.7, $bench->plan->sprayG, 1e-6);
        self::assertEqualsWithDelta(0.56, self::coat($job, learned: 0.8)->plan->task->transfer->share, 1e-9);
        self::assertNull($bench->inTheAirGM3(), 'nobody said what the booth draws');
        $drawn = self::coat(AdviceJob::of(self::STEEL, ['equipment' => ['booth_air_m3_min' => 55]]));
        self::assertEqualsWithDelta($drawn->plan->task->flowGPerMin / 55, $drawn->inTheAirGM3(), 1e-9);
    }

    public function test_what_lies_under_a_coat_is_what_was_laid_on_its_own_ground(): void
    {
        $base = ['role' => 'base', 'bake_c' => 190];
        $film = fn (float $um, array $more = []): array => $more + $base + ['film_um' => $um];
        $job = AdviceJob::of(self::STEEL, ['coats' => [
            $film(60), $film(70, ['zone' => 'rim', 'share' => 0.2]), $film(80, ['zone' => 'hub', 'share' => 0.3]),
            $film(40, ['zone' => 'rim', 'share' => 0.2]),
        ]]);
        $under = fn (int $at): float => self::coat($job, $at)->plan->task->underUm;
        self::assertSame([0.0, 60.0, 60.0, 130.0], array_map($under, [0, 1, 2, 3]));
        // A zone takes powder for its own share, and a coat on a coat lands worse.
        $first = self::coat($job)->plan->sprayG;
        self::assertGreaterThan(0.2 * $first, self::coat($job, 1)->plan->sprayG);
        self::assertLessThan(0.3 * $first, self::coat($job, 1)->plan->sprayG);
    }

    public function test_only_a_first_coat_on_warm_metal_is_warm(): void
    {
        $coats = ['coats' => array_fill(0, 2, ['role' => 'base', 'bake_c' => 190])];
        $warm = AdviceJob::of(self::STEEL, $coats + ['house' => ['coat' => 'warm']]);
        $cold = AdviceJob::of(self::STEEL, $coats);
        $lands = fn (PartRouting $job): array => array_map(
            fn (int $at): float => round(self::coat($job, $at)->plan->task->transfer->share, 9),
            [0, 1],
        );
        self::assertSame([[0.7, 0.6], [0.8, 0.6]], [$lands($cold), $lands($warm)]);
    }
}

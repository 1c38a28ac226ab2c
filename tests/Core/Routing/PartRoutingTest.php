<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\BetweenCoatsPolicy;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\RustMethod;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StripMethod;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What rules look at: the facts of a part and its job, and what can be asked of its steps. */
final class PartRoutingTest extends TestCase
{
    private static function part(string $metal = 'carbon_steel', mixed ...$more): PartFacts
    {
        return new PartFacts(...$more + ['name' => 'quay rail', 'metal' => MetalCatalog::get($metal)]);
    }

    private static function plan(): PartRouting
    {
        return new PartRouting(new JobFacts(self::part()), [
            new Step(StepKind::Degrease, 9, 10, 'oil off'),
            new Step(StepKind::BurnOff, 3, 180, 'paint off'),
            new Step(StepKind::Blast, 40, 0, 'bare'),
            new Step(StepKind::BlowOut, 5, 1, 'dust out'),
            new Step(StepKind::TapeMask, 20, 0, 'mask'),
            new Step(StepKind::BakeOut, 3, 60, 'gas out', 215, 45),
            new Step(StepKind::Coat, 15, 0, 'on', coat: 1),
            new Step(StepKind::Bake, 3, 40, 'cure', 190, 12, 1),
            new Step(StepKind::Coat, 15, 0, 'on', coat: 2),
            new Step(StepKind::Bake, 3, 40, 'cure', 200, null, 2),
        ]);
    }

    public function test_steps_are_found_by_kind_from_a_place_on(): void
    {
        $plan = self::plan();
        self::assertSame([6, 6, 8, null], [
            $plan->first(StepKind::Coat),
            $plan->firstFrom(6, StepKind::Coat),
            $plan->firstFrom(7, StepKind::Coat),
            $plan->firstFrom(9, StepKind::Coat),
        ]);
        self::assertSame(2, $plan->first(StepKind::Bake, StepKind::Blast), 'the first of any of them');
        $bakes = fn (Step $step): bool => $step->kind->bakes();
        self::assertSame([9, 7, 5, null], [
            $plan->last($bakes), $plan->last($bakes, 9), $plan->last($bakes, 7), $plan->last($bakes, 5),
        ]);
        self::assertCount(4, $plan->all(StepKind::Coat, StepKind::Bake));
        self::assertSame([true, false], [$plan->has(StepKind::Acid, StepKind::Coat), $plan->has(StepKind::Acid)]);
        self::assertSame([true, true, false], [$plan->blasts(), $plan->heats(), $plan->usesAcid()]);
        $pickled = new PartRouting($plan->facts, [new Step(StepKind::Acid, 5, 5, 'scale off')]);
        self::assertSame([false, false, true], [$pickled->blasts(), $pickled->heats(), $pickled->usesAcid()]);
    }

    public function test_how_hot_it_gets_by_oven_by_fire_and_by_what_is_computed(): void
    {
        $plan = self::plan();
        self::assertSame(215.0, $plan->hottestBakeC(), 'of the bakes, the bake-out among them');
        self::assertSame([200.0, 215.0], [$plan->hottestC(StepKind::Bake), $plan->hottestC(StepKind::BakeOut)]);
        self::assertNull($plan->hottestC(StepKind::Blast));
        self::assertSame(Agents::BURN_OFF_C, $plan->hottestMetalC(), 'fire heats metal as well');
        self::assertSame(
            203.0,
            $plan->on(new FloorConditions(peakC: 203.4))->hottestMetalC(),
            'what is computed outranks it',
        );
        self::assertSame([215.0, 200.0], [
            $plan->hottestAfter(StepKind::TapeMask), $plan->hottestAfter(StepKind::BakeOut),
        ]);
        self::assertNull($plan->hottestAfter(StepKind::PlugMask), 'there is no such step');
        self::assertNull((new PartRouting($plan->facts, []))->hottestBakeC());
        self::assertSame(
            [[Agents::BURN_OFF_C, 180.0], [215.0, 45.0], [190.0, 12.0], [200.0, 0.0]],
            $plan->heatings(),
            'fire heats as long as it waits; a bake whose hold nobody gave holds nothing',
        );
    }

    public function test_minutes_of_hands_of_waits_and_of_bare_metal(): void
    {
        $plan = self::plan();
        self::assertSame([116.0, 331.0], [$plan->handMinutes(), $plan->waitMinutes()]);
        self::assertSame(26.0, $plan->minutesBetween(2, 5));
        self::assertSame([0.0, 0.0], [$plan->minutesBetween(2, 3), $plan->minutesBetween(5, 2)]);
        self::assertSame(26.0 + 63.0, $plan->bareMinutes(), 'from the last blast to the first coat');
        $steps = $plan->steps;
        self::assertSame(
            0.0,
            (new PartRouting($plan->facts, array_slice($steps, 0, 6)))->bareMinutes(),
            'never coated',
        );
        self::assertSame(0.0, (new PartRouting($plan->facts, array_slice($steps, 6)))->bareMinutes(), 'never bared');
    }

    /** @return array<string, array{PartFacts, bool, bool, bool, bool}> gasses, greasy, hard steel, closed hollow */
    public static function parts(): array
    {
        return [
            'rolled steel' => [self::part(), false, false, false, false],
            'cast, of a metal that is not always' => [self::part(made: Fabrication::Cast), true, false, false, false],
            'of a metal that is always cast' => [self::part('cast_iron'), true, false, false, false],
            'zinc on steel' => [self::part('galvanised_steel'), true, false, false, false],
            'oil in it' => [self::part(marks: [PartFlag::Oily]), true, true, false, false],
            'grease on it' => [self::part(onIt: [ArrivalCondition::Grease]), false, true, false, false],
            'said to be hard' => [self::part(marks: [PartFlag::Hardened]), false, false, true, false],
            'as strong as that' => [self::part(strengthMpa: 1001.0), false, false, true, false],
            'not quite' => [self::part(strengthMpa: 1000.0), false, false, false, false],
            'hard, but no steel' => [self::part('bronze', marks: [PartFlag::Hardened]), false, false, false, false],
            'a closed hollow' => [self::part(features: [Feature::SealedHollow]), false, false, false, true],
            'one that is vented' => [
                self::part(features: [Feature::SealedHollow], marks: [PartFlag::Vented]), false, false, false, false,
            ],
        ];
    }

    #[DataProvider('parts')]
    public function test_what_follows_from_what_a_part_is(
        PartFacts $part,
        bool $gasses,
        bool $greasy,
        bool $hard,
        bool $closed,
    ): void {
        self::assertSame(
            [$gasses, $greasy, $hard, $closed],
            [$part->gasses(), $part->isGreasy(), $part->isHardSteel(), $part->isClosedHollow()],
        );
    }

    public function test_heat_takes_the_strength_of_light_alloys_that_have_it_from_heat(): void
    {
        $loses = fn (Alloy $alloy, PartFlag ...$marks): bool => self::part(
            'aluminium', alloy: $alloy, marks: array_values($marks),
        )->losesStrength();
        self::assertTrue($loses(Alloy::Aged6xxx));
        self::assertTrue($loses(Alloy::Aged7xxx));
        self::assertFalse($loses(Alloy::Unknown));
        self::assertTrue($loses(Alloy::Unknown, PartFlag::HeatTreated));
        self::assertFalse($loses(Alloy::NotHeatTreatable, PartFlag::HeatTreated), 'then somebody is wrong');
        self::assertFalse(self::part(alloy: Alloy::Aged6xxx)->losesStrength(), 'steel does not');
    }

    public function test_wall_and_area_by_hand(): void
    {
        // 7 850 kg/m3, both faces: 15.7 kg on 2 m2 of skin are 2 mm.
        self::assertEqualsWithDelta(2.0, self::part(massKg: 15.7, areaM2: 2.0)->wallMm(), 0.01);
        self::assertNull(self::part(massKg: 15.7)->wallMm());
        self::assertNull(self::part(areaM2: 2.0)->wallMm());
        self::assertSame(6.0, self::part(count: 3, areaM2: 2.0)->areaOfAllM2());
        self::assertSame(1.5, self::part(count: 3)->areaOfAllM2(), 'half a square metre each where nobody measured');
        self::assertSame(1e-4, self::part(areaM2: 1e-6)->areaOfAllM2());
    }

    public function test_the_same_part_coated_by_this_shop_has_left_its_old_marks_behind(): void
    {
        $part = self::part(
            count: 4,
            areaM2: 0.8,
            onIt: [ArrivalCondition::Paint, ArrivalCondition::Rust],
            marks: [PartFlag::OldPrimerTight, PartFlag::FailedTry, PartFlag::Oily, PartFlag::Hardened],
            temperC: 210.0,
        );
        self::assertTrue($part->failedBefore());
        self::assertSame([ArrivalCondition::Paint], $part->coatings());
        $again = $part->carrying([ArrivalCondition::OldPowder]);
        self::assertSame([[ArrivalCondition::OldPowder], [PartFlag::Hardened]], [$again->onIt, $again->marks]);
        self::assertSame([4, 0.8, 210.0, 'quay rail'], [$again->count, $again->areaM2, $again->temperC, $again->name]);
        $many = $part->many(12);
        self::assertSame([12, $part->marks, $part->onIt], [$many->count, $many->marks, $many->onIt]);
        self::assertFalse($part->isHit());
        foreach ([PartFlag::HitByStones, PartFlag::HitByTools, PartFlag::ChemicalsOnFace] as $mark) {
            self::assertTrue(self::part(marks: [$mark])->isHit(), $mark->value);
        }
    }

    public function test_a_job_s_film_its_hottest_cure_and_whether_it_asks_for_a_clear(): void
    {
        $coat = fn (mixed ...$more): CoatFacts => new CoatFacts(Role::Base, ...$more + [
            'bakeC' => 180.0, 'bakeMinutes' => 15.0, 'filmMicrons' => 70.0,
        ]);
        $job = fn (CoatFacts ...$coats): JobFacts => new JobFacts(self::part(), coats: array_values($coats));
        self::assertSame([0.0, null, false], [
            $job()->filmMicrons(), $job()->hottestCureC(), $job()->asksClear(),
        ]);
        $two = $job($coat(), $coat(bakeC: 200.0, filmMicrons: 80.0));
        self::assertSame([150.0, 200.0], [$two->filmMicrons(), $two->hottestCureC()]);
        $rubs = array_values(array_filter(Effect::cases(), fn (Effect $one): bool => $one->asksClear()))[0];
        self::assertTrue($job($coat(effect: $rubs))->asksClear());
        $needs = array_filter(ClearNeed::cases(), fn (ClearNeed $one): bool => $one->asksClear());
        self::assertTrue($job($coat(clear: array_values($needs)[0]))->asksClear());
        foreach (ClearNeed::cases() as $need) {
            $asks = $need->asksClear() || $need === ClearNeed::Silent;
            self::assertSame($asks, $job($coat(effect: $rubs, clear: $need))->asksClear(), $need->value);
        }
        $lives = fn (ServiceEnvironment $where): array => [
            (new JobFacts(self::part(), $where))->outdoors(), (new JobFacts(self::part(), $where))->byTheSea(),
        ];
        self::assertSame([[false, false], [true, false], [true, true]], [
            $lives(ServiceEnvironment::Indoors), $lives(
                ServiceEnvironment::Outdoors,
            ), $lives(ServiceEnvironment::Coast),
        ]);
    }

    public function test_a_box_goes_in_some_way_round_with_room_on_every_side(): void
    {
        $fits = EquipmentFacts::fits(...);
        self::assertTrue($fits([100.0, 900.0, 400.0], [900.0, 400.0, 100.0]));
        self::assertFalse($fits([100.0, 901.0, 400.0], [900.0, 400.0, 100.0]));
        self::assertTrue($fits([100.0, 900.0, 400.0], [1000.0, 500.0, 200.0], 50.0));
        self::assertFalse($fits([100.0, 900.0, 401.0], [1000.0, 500.0, 200.0], 50.0));
        self::assertTrue($fits([100.0, 2500.0, 400.0], [400.0, 100.0]), 'through a door, lengthwise');
        self::assertFalse($fits([101.0, 2500.0, 400.0], [400.0, 100.0]));
    }

    public function test_house_ways_as_stored_and_words_of_another_release(): void
    {
        $usual = new ShopPolicies();
        self::assertEquals($usual, ShopPolicies::read([]));
        self::assertEquals(
            $usual,
            ShopPolicies::read(['strip' => 'by prayer', 'tea' => 'hot', 'mask_with' => 'metal']),
        );
        foreach (ShopPolicies::choices() as $question => $choices) {
            $read = array_map(fn (string $way): ShopPolicies => ShopPolicies::read([$question => $way]), $choices);
            $same = count(array_filter($read, fn (ShopPolicies $one): bool => $one == $usual));
            self::assertSame(1, $same, "{$question}: one of its ways is the usual, every other is read");
        }
    }

    public function test_how_far_a_coat_is_baked_under_another(): void
    {
        foreach (BetweenCoatsPolicy::cases() as $way) {
            $house = ShopPolicies::read(['between' => $way->value]);
            self::assertSame(BakeTo::Full, $house->bakeTo(BeforeClear::Flowed, null), 'the last one is cured');
            self::assertSame(BakeTo::Full, $house->bakeTo(BeforeClear::Cured, Role::Clear));
            self::assertSame(BakeTo::Flow, $house->bakeTo(BeforeClear::Flowed, Role::Clear));
            self::assertSame($way->bakeTo(), $house->bakeTo(BeforeClear::Silent, Role::Clear));
            self::assertSame($way->bakeTo(), $house->bakeTo(BeforeClear::Cured, Role::Base), 'no clear goes on it');
        }
    }

    public function test_a_part_stripped_as_somebody_chose_leaves_the_house_s_other_ways_alone(): void
    {
        $house = ShopPolicies::read(array_map(fn (array $choices): string => end($choices), ShopPolicies::choices()));
        $ways = [
            'quick_gel' => [StripMethod::Chemical, RustMethod::Blast],
            'benzyl' => [StripMethod::Chemical, RustMethod::Blast],
            'acid_stripper' => [StripMethod::Chemical, RustMethod::Blast],
            'caustic' => [StripMethod::Caustic, RustMethod::Blast],
            'burn_off' => [StripMethod::BurnOff, RustMethod::Blast],
            'blast' => [StripMethod::Blast, RustMethod::Blast],
            'converter' => [StripMethod::Chemical, RustMethod::Convert],
            'prayer' => [$house->strip, $house->rust],
        ];
        foreach ($ways as $word => [$strip, $rust]) {
            $is = $house->strippedBy($word);
            self::assertSame([$strip, $rust], [$is->strip, $is->rust], $word);
            $was = get_object_vars($house);
            self::assertSame(
                ['strip' => $strip, 'rust' => $rust] + $was,
                array_merge(['strip' => null, 'rust' => null], get_object_vars($is)),
                $word,
            );
        }
    }
}

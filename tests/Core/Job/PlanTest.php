<?php

declare(strict_types=1);

namespace Tests\Core\Job;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\EquipmentFacts;
use Aenum\Core\Job\Floor;
use Aenum\Core\Job\HouseWays;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Job\PartFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Metal\Metals;
use Aenum\Core\Strip\Agents;
use Aenum\Core\Word\Alloy;
use Aenum\Core\Word\BakeTo;
use Aenum\Core\Word\BeforeClear;
use Aenum\Core\Word\BetweenWay;
use Aenum\Core\Word\ClearNeed;
use Aenum\Core\Word\Effect;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\Lives;
use Aenum\Core\Word\Made;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\Role;
use Aenum\Core\Word\RustWay;
use Aenum\Core\Word\StepKind;
use Aenum\Core\Word\StripWay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What rules look at: the facts of a part and its job, and what can be asked of its steps. */
final class PlanTest extends TestCase
{
    private static function part(string $metal = 'carbon_steel', mixed ...$more): PartFacts
    {
        return new PartFacts(...$more + ['name' => 'quay rail', 'metal' => Metals::get($metal)]);
    }

    private static function plan(): Plan
    {
        return new Plan(new JobFacts(self::part()), [
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
        $pickled = new Plan($plan->facts, [new Step(StepKind::Acid, 5, 5, 'scale off')]);
        self::assertSame([false, false, true], [$pickled->blasts(), $pickled->heats(), $pickled->usesAcid()]);
    }

    public function test_how_hot_it_gets_by_oven_by_fire_and_by_what_is_computed(): void
    {
        $plan = self::plan();
        self::assertSame(215.0, $plan->hottestBakeC(), 'of the bakes, the bake-out among them');
        self::assertSame([200.0, 215.0], [$plan->hottestC(StepKind::Bake), $plan->hottestC(StepKind::BakeOut)]);
        self::assertNull($plan->hottestC(StepKind::Blast));
        self::assertSame(Agents::BURN_OFF_C, $plan->hottestMetalC(), 'fire heats metal as well');
        self::assertSame(203.0, $plan->on(new Floor(peakC: 203.4))->hottestMetalC(), 'what is computed outranks it');
        self::assertSame([215.0, 200.0], [
            $plan->hottestAfter(StepKind::TapeMask), $plan->hottestAfter(StepKind::BakeOut),
        ]);
        self::assertNull($plan->hottestAfter(StepKind::PlugMask), 'there is no such step');
        self::assertNull((new Plan($plan->facts, []))->hottestBakeC());
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
        self::assertSame(0.0, (new Plan($plan->facts, array_slice($steps, 0, 6)))->bareMinutes(), 'never coated');
        self::assertSame(0.0, (new Plan($plan->facts, array_slice($steps, 6)))->bareMinutes(), 'never bared');
    }

    /** @return array<string, array{PartFacts, bool, bool, bool, bool}> gasses, greasy, hard steel, closed hollow */
    public static function parts(): array
    {
        return [
            'rolled steel' => [self::part(), false, false, false, false],
            'cast, of a metal that is not always' => [self::part(made: Made::Cast), true, false, false, false],
            'of a metal that is always cast' => [self::part('cast_iron'), true, false, false, false],
            'zinc on steel' => [self::part('galvanised_steel'), true, false, false, false],
            'oil in it' => [self::part(marks: [Mark::Oily]), true, true, false, false],
            'grease on it' => [self::part(onIt: [OnIt::Grease]), false, true, false, false],
            'said to be hard' => [self::part(marks: [Mark::Hardened]), false, false, true, false],
            'as strong as that' => [self::part(strengthMpa: 1001.0), false, false, true, false],
            'not quite' => [self::part(strengthMpa: 1000.0), false, false, false, false],
            'hard, but no steel' => [self::part('bronze', marks: [Mark::Hardened]), false, false, false, false],
            'a closed hollow' => [self::part(features: [Feature::SealedHollow]), false, false, false, true],
            'one that is vented' => [
                self::part(features: [Feature::SealedHollow], marks: [Mark::Vented]), false, false, false, false,
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
        $loses = fn (Alloy $alloy, Mark ...$marks): bool => self::part(
            'aluminium', alloy: $alloy, marks: array_values($marks),
        )->losesStrength();
        self::assertTrue($loses(Alloy::Aged6xxx));
        self::assertTrue($loses(Alloy::Aged7xxx));
        self::assertFalse($loses(Alloy::Unknown));
        self::assertTrue($loses(Alloy::Unknown, Mark::HeatTreated));
        self::assertFalse($loses(Alloy::NotHeatTreatable, Mark::HeatTreated), 'then somebody is wrong');
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
            onIt: [OnIt::Paint, OnIt::Rust],
            marks: [Mark::OldPrimerTight, Mark::FailedTry, Mark::Oily, Mark::Hardened],
            temperC: 210.0,
        );
        self::assertTrue($part->failedBefore());
        self::assertSame([OnIt::Paint], $part->coatings());
        $again = $part->carrying([OnIt::OldPowder]);
        self::assertSame([[OnIt::OldPowder], [Mark::Hardened]], [$again->onIt, $again->marks]);
        self::assertSame([4, 0.8, 210.0, 'quay rail'], [$again->count, $again->areaM2, $again->temperC, $again->name]);
        $many = $part->many(12);
        self::assertSame([12, $part->marks, $part->onIt], [$many->count, $many->marks, $many->onIt]);
        self::assertFalse($part->isHit());
        foreach ([Mark::HitByStones, Mark::HitByTools, Mark::ChemicalsOnFace] as $mark) {
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
        $lives = fn (Lives $where): array => [
            (new JobFacts(self::part(), $where))->outdoors(), (new JobFacts(self::part(), $where))->byTheSea(),
        ];
        self::assertSame([[false, false], [true, false], [true, true]], [
            $lives(Lives::Indoors), $lives(Lives::Outdoors), $lives(Lives::Coast),
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
        $usual = new HouseWays();
        self::assertEquals($usual, HouseWays::read([]));
        self::assertEquals($usual, HouseWays::read(['strip' => 'by prayer', 'tea' => 'hot', 'mask_with' => 'metal']));
        foreach (HouseWays::choices() as $question => $choices) {
            $read = array_map(fn (string $way): HouseWays => HouseWays::read([$question => $way]), $choices);
            $same = count(array_filter($read, fn (HouseWays $one): bool => $one == $usual));
            self::assertSame(1, $same, "{$question}: one of its ways is the usual, every other is read");
        }
    }

    public function test_how_far_a_coat_is_baked_under_another(): void
    {
        foreach (BetweenWay::cases() as $way) {
            $house = HouseWays::read(['between' => $way->value]);
            self::assertSame(BakeTo::Full, $house->bakeTo(BeforeClear::Flowed, null), 'the last one is cured');
            self::assertSame(BakeTo::Full, $house->bakeTo(BeforeClear::Cured, Role::Clear));
            self::assertSame(BakeTo::Flow, $house->bakeTo(BeforeClear::Flowed, Role::Clear));
            self::assertSame($way->bakeTo(), $house->bakeTo(BeforeClear::Silent, Role::Clear));
            self::assertSame($way->bakeTo(), $house->bakeTo(BeforeClear::Cured, Role::Base), 'no clear goes on it');
        }
    }

    public function test_a_part_stripped_as_somebody_chose_leaves_the_house_s_other_ways_alone(): void
    {
        $house = HouseWays::read(array_map(fn (array $choices): string => end($choices), HouseWays::choices()));
        $ways = [
            'quick_gel' => [StripWay::Chemical, RustWay::Blast],
            'benzyl' => [StripWay::Chemical, RustWay::Blast],
            'acid_stripper' => [StripWay::Chemical, RustWay::Blast],
            'caustic' => [StripWay::Caustic, RustWay::Blast],
            'burn_off' => [StripWay::BurnOff, RustWay::Blast],
            'blast' => [StripWay::Blast, RustWay::Blast],
            'converter' => [StripWay::Chemical, RustWay::Convert],
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

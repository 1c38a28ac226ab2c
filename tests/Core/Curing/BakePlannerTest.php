<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\LoadSplit;
use Aenum\Core\Curing\Outlook;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Curing\Underlayer;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Trade\BakeTo;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class BakePlannerTest extends TestCase
{
    private static function schedule(float $setpoint = 200): OvenSchedule
    {
        return OvenSchedule::of(20, $setpoint, null, null, [Door::opened(0, 75)]);
    }

    /** @param  list<LoadItem>  $load */
    private static function planner(
        array $load,
        ?array $aims = null,
        ?BakeRules $rules = null,
        ?Oven $oven = null,
    ): BakePlanner {
        return new BakePlanner(
            $oven ?? Loads::oven(),
            $load,
            $aims ?? array_fill(0, count($load), CureTarget::fullCure(Loads::sheet())),
            self::schedule(),
            $rules ?? BakeRules::of(),
        );
    }

    public function test_the_plan_is_the_best_of_all_whole_degree_setpoints(): void
    {
        $loads = [
            [Loads::item(), Loads::item('sheet panel', 6.3, 0.8, 4, 'carbon_steel', 0.75)],
            [Loads::item('lantern', 6.2, 0.62, 2, 'aluminium')],
            [Loads::item('cleat', 3.1, 0.11, 16), Loads::item('arm', 6.4, 0.55, 8, 'carbon_steel')],
        ];
        foreach ($loads as $load) {
            $planner = self::planner($load);
            $plan = $planner->plan();
            $best = INF;
            for ($setpoint = 180; $setpoint <= 230; $setpoint++) {
                $attempt = $planner->at($setpoint);
                if ($attempt->serves()) {
                    $best = min($best, $attempt->pullS / 60);
                }
            }
            self::assertTrue($plan->feasible);
            self::assertEqualsWithDelta($best, $plan->minutes, 0.03);
            foreach ($plan->judgements as $judgement) {
                self::assertGreaterThanOrEqual(1.1 - 1e-6, $judgement->dose);
                self::assertNotNull($judgement->rowServed);
                self::assertLessThanOrEqual(0.85, $judgement->overbake);
            }
        }
    }

    public function test_minutes_never_rise_with_the_setpoint(): void
    {
        $planner = self::planner([Loads::item(), Loads::item('sheet panel', 6.3, 0.8, 4, 'carbon_steel')]);
        $last = INF;
        for ($setpoint = 190; $setpoint <= 230; $setpoint += 4) {
            $minutes = $planner->at($setpoint)->pullS / 60;
            self::assertLessThanOrEqual($last + 0.02, $minutes);
            $last = $minutes;
        }
    }

    public function test_a_load_too_far_apart_is_parted_and_each_part_can_be_baked(): void
    {
        $load = [
            Loads::item('column base', 80, 1.5, 4),
            Loads::item('thin skirt', 1.9, 0.48, 8, 'carbon_steel', 0.75),
            Loads::item('mid bracket', 8, 0.6, 6, 'carbon_steel'),
        ];
        $aims = array_fill(0, 3, CureTarget::fullCure(Loads::sheet([[180, 18, 45], [200, 8, 20]])));
        $plan = self::planner($load, $aims)->plan();
        self::assertFalse($plan->feasible);
        self::assertSame('column base', $load[(int) $plan->decidedBy]->name);
        self::assertStringContainsString('column base', $plan->why);
        $bakes = (new LoadSplit(Loads::oven(), $load, $aims, self::schedule(), BakeRules::of()))->bakes();
        $names = [];
        foreach ($bakes as $bake) {
            self::assertTrue($bake->plan->feasible, $bake->plan->why);
            array_push($names, ...$bake->items);
        }
        sort($names);
        self::assertSame([0, 1, 2], $names);
        self::assertLessThan(4, count($bakes));
    }

    public function test_a_heater_too_small_for_all_at_once_gets_fewer_pieces_at_a_time(): void
    {
        $oven = Oven::of(24, 5, 45, 260, 520, 45, 60, 2200, 16, 230);
        $heavy = [Loads::item('rail', 8, 0.6, 40)];
        // Stands so little that a slow climb over-bakes it before it is cured.
        $aims = [CureTarget::fullCure(Loads::sheet([[180, 18, 36.5], [200, 8, 16]]))];
        self::assertFalse(self::planner($heavy, $aims, null, $oven)->plan()->feasible);
        $bakes = (new LoadSplit($oven, $heavy, $aims, self::schedule(), BakeRules::of()))->bakes();
        self::assertCount(1, $bakes);
        self::assertTrue($bakes[0]->plan->feasible);
        self::assertLessThan(40, $bakes[0]->piecesAtATime);
    }

    public function test_what_no_bake_serves_even_alone_is_told_with_the_bake_that_hurts_least(): void
    {
        $load = [Loads::item('column base', 80, 1.5, 4)];
        $aims = [CureTarget::fullCure(Loads::sheet([[180, 18, 32], [200, 8, 14]]))];
        $bakes = (new LoadSplit(Loads::oven(30), $load, $aims, self::schedule(), BakeRules::of()))->bakes();
        self::assertFalse($bakes[0]->plan->feasible);
        self::assertNotNull($bakes[0]->plan->atBest);
        self::assertGreaterThan(1, $bakes[0]->plan->atBest->excess());
        self::assertStringContainsString('itself', $bakes[0]->plan->why);
    }

    public function test_an_oven_that_cannot_get_there_says_so(): void
    {
        $plan = self::planner([Loads::item()], null, null, Loads::oven(36, 170))->plan();
        self::assertFalse($plan->feasible);
        self::assertStringContainsString('170', $plan->why);
        $weak = self::planner(
            [Loads::item()],
            null,
            null,
            Oven::of(8, 5, 45, 260, 520, 45, 60, 2200, 16, 230),
        )->plan();
        self::assertFalse($weak->feasible);
        self::assertStringContainsString('never gets there', $weak->why);
    }

    public function test_the_timed_way_leaves_the_heavy_part_soft_and_says_so(): void
    {
        $plan = self::planner([Loads::item()], null, BakeRules::of(TimingCriterion::Timed))->plan();
        self::assertTrue($plan->feasible);
        self::assertLessThan(1, $plan->judgements[0]->dose);
        self::assertStringContainsString('under-cured', $plan->why);
        $window = self::planner([Loads::item()])->plan();
        $dose = self::planner([Loads::item()], null, BakeRules::of(TimingCriterion::Dose))->plan();
        self::assertGreaterThan($plan->minutes, $window->minutes);
        self::assertLessThanOrEqual($window->minutes, $dose->minutes);
    }

    public function test_a_flowed_layer_stays_under_half_a_dose(): void
    {
        $sheet = Loads::sheet([[160, 15, null], [180, 8, null]]);
        $plan = self::planner(self::arms(), [CureTarget::to(BakeTo::Flow, $sheet)])->plan();
        self::assertTrue($plan->feasible);
        self::assertLessThan(0.5, $plan->judgements[0]->dose);
        self::assertGreaterThanOrEqual(3, $plan->judgements[0]->flowMinutes);
        self::assertSame(CureState::Flowed, $plan->judgements[0]->state(TimingCriterion::Window));
    }

    public function test_a_part_cured_layer_has_half_a_dose_and_not_a_whole_one(): void
    {
        $sheet = Loads::sheet([[160, 15, null], [180, 8, null]]);
        $plan = self::planner(self::arms(), [CureTarget::to(BakeTo::Part, $sheet)])->plan();
        self::assertTrue($plan->feasible);
        self::assertGreaterThanOrEqual(0.55, $plan->judgements[0]->dose);
        self::assertLessThan(BakeRules::PART_DOSE_LIMIT, $plan->judgements[0]->dose);
        self::assertSame(CureState::PartCured, $plan->judgements[0]->state(TimingCriterion::Window));
        self::assertStringContainsString('part cured', $plan->why);
        $flow = self::planner(self::arms(), [CureTarget::to(BakeTo::Flow, $sheet)])->plan();
        self::assertLessThan($plan->minutes, $flow->minutes);
    }

    /** @return list<LoadItem> */
    private static function arms(): array
    {
        return [Loads::item('arm', 6.4, 0.55, 8, 'carbon_steel')];
    }

    public function test_what_a_layer_underneath_has_had_counts_against_the_bake(): void
    {
        $top = Loads::sheet();
        $under = Loads::sheet([[180, 18, 60], [200, 8, 28]]);
        $load = [Loads::item()];
        $fresh = self::planner($load, [CureTarget::fullCure($top, [new Underlayer($under, 0.5, 0.0)])])->plan();
        $tired = self::planner($load, [CureTarget::fullCure($top, [new Underlayer($under, 2.0, 0.6)])])->plan();
        self::assertTrue($fresh->feasible);
        self::assertFalse($tired->feasible);
    }

    public function test_going_back_in_needs_only_what_is_missing(): void
    {
        $load = [Loads::item()];
        $rules = BakeRules::of(TimingCriterion::Dose);
        $whole = self::planner($load, [CureTarget::fullCure(Loads::sheet())], $rules)->at(200);
        $again = self::planner($load, [CureTarget::fullCure(Loads::sheet(), [], 0.8, 0.2)], $rules)->at(200);
        self::assertLessThan($whole->pullS - 300, $again->pullS);
    }

    public function test_the_outlook_agrees_with_the_plan(): void
    {
        $load = [Loads::item(), Loads::item('sheet panel', 6.3, 0.8, 4, 'carbon_steel')];
        $aims = array_fill(0, 2, CureTarget::fullCure(Loads::sheet()));
        $plan = self::planner($load, $aims)->plan();
        $look = Outlook::of(
            Loads::oven(),
            $load,
            $aims,
            self::schedule((float) $plan->setpointC),
            BakeRules::of(),
            (float) $plan->minutes,
        );
        self::assertTrue($look->good());
        self::assertEqualsWithDelta($plan->minutes, $look->readyMinutes, 0.02);
        self::assertSame($plan->decidedBy, $look->decides);
        self::assertEqualsWithDelta($plan->judgements[1]->overbake, $look->items[1]->atPull->overbake, 1e-3);
        self::assertGreaterThan($look->readyMinutes - 0.02, $look->spoiltMinutes);
        self::assertLessThan($look->ways['window']->minutes, $look->ways['timed']->minutes);
        self::assertLessThan(1, $look->ways['timed']->leastDose);
        self::assertFalse(
            Outlook::of(Loads::oven(), $load, $aims, self::schedule(200), BakeRules::of(), 15)->good(),
        );
    }
}

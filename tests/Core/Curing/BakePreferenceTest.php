<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PlanChoice;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** Three bakes that serve, each what it says it is. */
final class BakePreferenceTest extends TestCase
{
    /** @param  list<LoadItem>|null  $load */
    private static function planner(?array $load = null, float $stands = 28): BakePlanner
    {
        $load ??= [Loads::item(), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')];
        $sheet = Loads::sheet([[180, 18, 2.2 * $stands], [200, 8, $stands]]);

        return new BakePlanner(
            Loads::oven(),
            $load,
            array_fill(0, count($load), CureTarget::fullCure($sheet)),
            OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]),
            BakeRules::of(),
        );
    }

    public function test_each_is_the_best_of_all_whole_degrees_in_its_own_way(): void
    {
        $by = [];
        foreach (self::planner()->choices() as $choice) {
            $by[$choice->prefer->value] = $choice;
        }
        self::assertSame(['widest', 'shortest', 'energy'], array_keys($by));
        $all = [];
        foreach (range(170, 230) as $setpoint) {
            $attempt = self::planner()->at($setpoint);
            if ($attempt->serves()) {
                $all[$setpoint] = [$attempt->pullS / 60, $attempt->trajectory->energyKwh($attempt->pullS)];
            }
        }
        $minutes = array_column($all, 0);
        self::assertEqualsWithDelta(min($minutes), $by['shortest']->plan->minutes, 0.03);
        self::assertEqualsWithDelta(min(array_column($all, 1)), $by['energy']->energyKwh, 0.05);
        $affordable = array_filter($all, fn (array $one): bool => $one[0] <= 1.25 * min($minutes));
        $coolest = (int) $by['widest']->plan->atBest?->setpointC;
        self::assertGreaterThanOrEqual(min(array_keys($affordable)), $coolest);
        self::assertGreaterThanOrEqual(BakePlanner::WIDE_MIN, $by['widest']->windowMinutes);
        self::assertLessThanOrEqual($by['shortest']->hottestC, $by['widest']->hottestC);
        self::assertSame($by['shortest']->plan->minutes, self::planner()->plan()->minutes, 'silent is shortest');
    }

    public function test_where_no_window_is_six_minutes_the_longest_is_taken(): void
    {
        $load = [Loads::item(), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')];
        $window = fn (BakePreference $prefer): float => array_values(array_filter(
            self::planner($load, 22)->choices(),
            fn (PlanChoice $one): bool => $one->prefer === $prefer,
        ))[0]->windowMinutes;
        self::assertLessThan(BakePlanner::WIDE_MIN, $window(BakePreference::Widest));
        self::assertGreaterThanOrEqual($window(BakePreference::Shortest), $window(BakePreference::Widest));
    }

    public function test_where_nothing_serves_there_is_nothing_to_choose(): void
    {
        $load = [Loads::item('base', 80, 1.5, 4), Loads::item('skirt', 1.2, 0.8, 4, 'carbon_steel')];
        self::assertSame([], self::planner($load)->choices());
    }
}

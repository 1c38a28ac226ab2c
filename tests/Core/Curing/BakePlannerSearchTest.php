<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\Attempt;
use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** The planner skips most setpoints; trying every whole degree comes to the same bake. */
final class BakePlannerSearchTest extends TestCase
{
    /** Two setpoints whose bakes differ by less are the same, min. */
    private const SAME_MINUTES = 0.02;

    private const RANGE_C = [180, 230];

    /** @var array<string, array<int, Attempt>> by limit: each setpoint tried on its own */
    private static array $every = [];

    private static function planner(float $most, float $hottestC = self::RANGE_C[1]): BakePlanner
    {
        $rows = [[180, 18, $most], [200, 8, 0.45 * $most]];
        $load = [
            Loads::item('column base', 30, 1.5, 4),
            Loads::item('thin skirt', 1.9, 0.48, 8, 'carbon_steel', 0.75),
        ];

        return new BakePlanner(
            Loads::oven(maxC: $hottestC),
            $load,
            array_fill(0, 2, CureTarget::fullCure(Loads::sheet($rows))),
            OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]),
            BakeRules::of(),
        );
    }

    /** @return array<string, array{float, float}> how long the first row may stand, min; what the oven allows, °C */
    public static function limits(): array
    {
        $cases = [];
        foreach ([90.0, 74.0, 65.0, 58.0, 53.0, 51.0, 50.0, 49.0] as $most) {
            // The strides begin at the hottest setpoint: every place the stretch that serves can have between two.
            foreach ($most > 53 ? [230.0, 226.5] : range(223.0, 230.0) as $hottestC) {
                $cases["{$most} min, {$hottestC} °C"] = [$most, $hottestC];
            }
        }

        return $cases;
    }

    #[DataProvider('limits')]
    public function test_it_finds_the_bake_that_trying_every_degree_finds(float $most, float $hottestC): void
    {
        $serving = array_filter(
            self::every($most),
            fn (Attempt $one): bool => $one->serves() && $one->setpointC <= $hottestC,
        );
        $plan = self::planner($most, $hottestC)->plan();
        self::assertSame($serving !== [], $plan->feasible);
        if ($serving === []) {
            return;
        }
        $stretch = max(array_keys($serving)) - min(array_keys($serving)) + 1;
        self::assertCount($stretch, $serving, 'one stretch of degrees');
        $best = max(array_keys($serving));
        $costs = fn (int $cooler): float => $serving[$cooler]->pullS - $serving[$cooler + 1]->pullS;
        while (isset($serving[$best - 1]) && $costs($best - 1) <= 60 * self::SAME_MINUTES) {
            $best--;
        }
        self::assertSame((float) $best, $plan->atBest?->setpointC);
        self::assertSame($serving[$best]->pullS, $plan->atBest->pullS);

        // No bake that is no hotter spends less.
        $energy = self::planner($most, $hottestC)->plan(BakePreference::Energy)->atBest;
        self::assertNotNull($energy);
        $least = min(array_map(
            fn (Attempt $one): float => $one->setpointC > $best ? INF : $one->trajectory->energyKwh($one->pullS),
            $serving,
        ));
        self::assertEqualsWithDelta($least, $energy->trajectory->energyKwh($energy->pullS), 1e-9);
    }

    /** @return array<int, Attempt> by setpoint */
    private static function every(float $most): array
    {
        $planner = self::planner($most);
        $all = range(self::RANGE_C[0], self::RANGE_C[1]);

        return self::$every["{$most}"] ??= array_combine($all, array_map($planner->at(...), $all));
    }

    public function test_a_sheet_that_stands_for_days_leaves_the_window_as_long_as_it_is_looked_for(): void
    {
        $target = CureTarget::fullCure(Loads::sheet([[180, 18, 5000], [200, 8, 4000]]));
        $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
        $choices = (new BakePlanner(Loads::oven(), [Loads::item()], [$target], $schedule, BakeRules::of()))->choices();
        self::assertCount(3, $choices);
        foreach ($choices as $choice) {
            self::assertEqualsWithDelta(BakePlanner::WINDOW_LOOK_MIN, $choice->windowMinutes, 1e-9);
        }
    }

    public function test_every_item_has_its_target(): void
    {
        $item = Loads::item();
        $target = CureTarget::fullCure(Loads::sheet());
        $schedule = OvenSchedule::of(20, 200, null, null, []);
        foreach ([[[], []], [[$item], []], [[$item], [$target, $target]]] as [$load, $targets]) {
            try {
                new BakePlanner(Loads::oven(), $load, $targets, $schedule, BakeRules::of());
                self::fail(count($load).' items with '.count($targets).' targets');
            } catch (InvalidInput $e) {
                self::assertSame('items', $e->place);
            }
        }
        $planner = new BakePlanner(Loads::oven(), [$item], [$target], $schedule, BakeRules::of());
        self::assertTrue($planner->plan()->feasible);
    }
}

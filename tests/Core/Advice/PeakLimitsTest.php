<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Advice\PeakLimits;
use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Routing\MaskOn;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** What a part is and what is on it say how hot it may get. */
final class PeakLimitsTest extends TestCase
{
    public function test_the_least_of_metal_and_masks_holds_and_is_named(): void
    {
        $tape = new MaskOn(3, 'green disc', 204);
        self::assertNull(PeakLimits::of(MetalCatalog::get('carbon_steel'), []));
        self::assertSame(205.0, PeakLimits::of(MetalCatalog::get('zinc_die_cast'), [])?->celsius);
        $both = PeakLimits::of(MetalCatalog::get('zinc_die_cast'), [$tape]);
        self::assertSame([194.0, 'the green disc on pin 3'], [$both?->celsius, $both?->why]);
        self::assertNull(PeakLimits::of(MetalCatalog::get('carbon_steel'), [new MaskOn(1, 'paper', null)]));
    }

    public function test_no_plan_passes_it_and_where_none_serves_it_says_what_holds(): void
    {
        $planner = fn (float $limit): BakePlanner => new BakePlanner(
            Loads::oven(),
            [Loads::item('clasp', 0.6, 0.03, 20, 'zinc_die_cast')],
            [CureTarget::fullCure(Loads::sheet())->notAbove(
                PeakLimits::of(MetalCatalog::get('zinc_die_cast'), [new MaskOn(1, 'tape', $limit + 10)]),
            )],
            OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]),
            BakeRules::of(),
        );
        foreach ([204.0, 196.0, 188.0] as $limit) {
            $plan = $planner($limit)->plan();
            self::assertTrue($plan->feasible);
            self::assertLessThanOrEqual($limit + 0.06, $plan->judgements[0]->peakC);
        }
        self::assertGreaterThan(188, $planner(204.0)->plan()->judgements[0]->peakC);
        $none = $planner(170.0)->plan();
        self::assertFalse($none->feasible);
        self::assertStringContainsString('the tape on pin 1', $none->why);
    }
}

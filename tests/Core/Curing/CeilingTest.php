<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Curing\Underlayer;
use Aenum\Core\Thermal\OvenSchedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** No bake runs a surface past what the sheets of all its layers bear. */
final class CeilingTest extends TestCase
{
    /** @param  list<array{float, float, 2?: float}>  $rows  °C, min, max */
    private static function sheet(array $rows): CureSheet
    {
        return CureSheet::of(
            Chemistry::Polyester,
            array_map(
                fn (array $row): CureScheduleRow => CureScheduleRow::of($row[0], $row[1], $row[2] ?? null),
                $rows,
            ),
        );
    }

    public function test_the_lowest_layer_decides(): void
    {
        $base = self::sheet([[180, 18, 60], [200, 8, 28]]);
        $clear = self::sheet([[150, 25, 60], [160, 15, 40]]);
        $silent = self::sheet([[170, 20]]);
        self::assertSame(220.0, CureSheet::ceiling($base)->celsius);
        self::assertSame(180.0, CureSheet::ceiling($clear)->celsius);
        self::assertSame(180.0, CureSheet::ceiling($silent)->celsius, '10 K where it does not say what it stands');
        self::assertSame(180.0, CureSheet::ceiling($clear, $base)->celsius, 'a low-cure clear over a hot base');
        self::assertSame(180.0, CureSheet::ceiling($base, $clear)->celsius, 'whichever is on top');
        self::assertStringContainsString('a layer under it', CureSheet::ceiling($base, $clear)->why);
        self::assertSame(180.0, CureSheet::ceiling($base, $silent)->celsius);
    }

    public function test_a_low_cure_clear_over_a_hot_base_is_planned_cool(): void
    {
        $clear = self::sheet([[150, 25, 60], [160, 15, 40]]);
        $base = self::sheet([[180, 18, 60], [200, 8, 28]]);
        $aim = CureTarget::fullCure($clear, [new Underlayer($base, 1.2, 0.2)]);
        $load = [Loads::item('sheet panel', 6.3, 0.8, 4, 'carbon_steel', 0.75)];
        $plan = (new BakePlanner(
            Loads::oven(), $load, [$aim], OvenSchedule::of(20, 200), BakeRules::of(),
        ))->plan();
        self::assertTrue($plan->feasible);
        self::assertLessThanOrEqual(180.0, $plan->judgements[0]->peakC);
    }

    public function test_no_plan_passes_its_ceiling_by_any_fraction_of_a_degree(): void
    {
        foreach ([171.0, 183.5, 190.0, 197.3] as $ceiling) {
            $aim = CureTarget::fullCure(Loads::sheet())->notAbove(new PeakLimit($ceiling, 'a mask'));
            $load = [
                Loads::item('sheet panel', 6.3, 0.8, 4, 'carbon_steel', 0.75),
                Loads::item('bench end', 24, 1.15, 2),
            ];
            $plan = (new BakePlanner(
                Loads::oven(), $load, [$aim, $aim], OvenSchedule::of(20, 200), BakeRules::of(),
            ))->plan();
            foreach ($plan->feasible ? $plan->judgements : [] as $judged) {
                self::assertLessThanOrEqual($ceiling + 1e-6, $judged->peakC, "ceiling {$ceiling}");
            }
            self::assertSame($ceiling >= 183.5, $plan->feasible, "the coolest row is 180, the ceiling {$ceiling}");
        }
        self::assertFalse((new PeakLimit(180.0, 'x'))->isPassedBy(180.0));
        self::assertTrue((new PeakLimit(180.0, 'x'))->isPassedBy(180.04));
    }
}

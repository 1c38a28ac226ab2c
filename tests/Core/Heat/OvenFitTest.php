<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Aenum\Core\Heat\Door;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Heat\LoggedRun;
use Aenum\Core\Heat\Oven;
use Aenum\Core\Heat\OvenFit;
use Aenum\Core\Heat\OvenSchedule;
use Aenum\Core\Heat\Simulation;
use Aenum\Core\Metal\Metals;
use Aenum\Core\Unit\InvalidQuantity;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class OvenFitTest extends TestCase
{
    /** A run as the true oven would have been logged, with a little noise. */
    private static function logged(Oven $true, float $setpoint, float $noiseK, int $seed): LoggedRun
    {
        $load = [
            LoadItem::of('bench end', 4, Metals::get('cast_iron'), 24, 1.15),
            LoadItem::of('panel', 4, Metals::get('carbon_steel'), 6.3, 0.8),
        ];
        $schedule = OvenSchedule::of(20, $setpoint, 25, 25)->withDoor(Door::opened(0, 60));
        $run = (new Simulation($true, $load, $schedule))->run(3600);
        mt_srand($seed);
        $samples = [];
        foreach (range(60, 3600, 120) as $s) {
            foreach ([LoggedRun::AIR, 0, 1] as $item) {
                $samples[] = [
                    $item,
                    (float) $s,
                    ($item < 0 ? $run->airC($s) : $run->coreC($item, $s)) + $noiseK * (mt_rand(-1000, 1000) / 1000),
                ];
            }
        }

        return new LoggedRun($load, $schedule, $samples);
    }

    private static function true(): Oven
    {
        $o = Loads::oven();

        return Oven::of(
            $o->heaterKw,
            $o->bandK,
            $o->airKjPerK,
            $o->shellKjPerK * 1.35,
            $o->airToShellWPerK * 0.8,
            $o->shellLossWPerK * 1.5,
            $o->ventWPerK,
            $o->doorWPerK,
            $o->convectionWPerM2K * 0.7,
            $o->maxC,
        );
    }

    public function test_it_finds_the_oven_that_made_the_curves(): void
    {
        $fit = OvenFit::of(Loads::oven(), [
            self::logged(self::true(), 200, 0, 1),
            self::logged(self::true(), 180, 0, 2),
        ]);
        self::assertGreaterThan(8, $fit->residualBeforeK);
        self::assertLessThan(0.6, $fit->residualAfterK);
        self::assertEqualsWithDelta(
            0.7,
            $fit->figures['convection_w_per_m2k']['to'] / $fit->figures['convection_w_per_m2k']['from'],
            0.03,
        );
        self::assertEqualsWithDelta(
            1.35,
            $fit->figures['shell_kj_per_k']['to'] / $fit->figures['shell_kj_per_k']['from'],
            0.1,
        );
        self::assertSame(360 / 2, $fit->samples);
        self::assertEqualsWithDelta(
            $fit->oven->convectionWPerM2K,
            $fit->figures['convection_w_per_m2k']['to'],
            1e-9,
        );
    }

    public function test_noise_makes_it_less_sure_and_not_wrong(): void
    {
        $fit = OvenFit::of(Loads::oven(), [self::logged(self::true(), 200, 4, 3)]);
        self::assertEqualsWithDelta(
            0.7,
            $fit->figures['convection_w_per_m2k']['to'] / Loads::oven()->convectionWPerM2K,
            0.08,
        );
        self::assertLessThan($fit->residualBeforeK, $fit->residualAfterK);
        // What was heated says much of the fan and little of the walls.
        self::assertLessThan(
            $fit->figures['shell_loss_w_per_k']['sigma'],
            $fit->figures['convection_w_per_m2k']['sigma'],
        );
        self::assertLessThanOrEqual(0.7, $fit->figures['shell_loss_w_per_k']['sigma']);
    }

    public function test_an_oven_that_is_right_stays_as_it_is_and_too_little_is_refused(): void
    {
        $same = OvenFit::of(Loads::oven(), [self::logged(Loads::oven(), 200, 0, 4)]);
        foreach ($same->figures as $figure) {
            self::assertEqualsWithDelta($figure['from'], $figure['to'], 1e-3 * $figure['from']);
        }
        $this->expectException(InvalidQuantity::class);
        OvenFit::of(Loads::oven(), [new LoggedRun([], OvenSchedule::of(20, 200), [[-1, 60.0, 50.0]])]);
    }
}

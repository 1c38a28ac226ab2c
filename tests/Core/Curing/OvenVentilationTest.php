<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\OvenVentilation;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** Fresh air against powder and solvent, worked out by hand. */
final class OvenVentilationTest extends TestCase
{
    public function test_the_air_a_load_needs(): void
    {
        // 10 kg give off 0.9 kg of vapor; with 0.1 kg of solvent 1 kg in the hour, at 44 / 1.4 x 25 % = 7.857 g/m3.
        self::assertEqualsWithDelta(127.2727, OvenVentilation::neededM3PerH(10.0, 0.1), 1e-4);
        self::assertEqualsWithDelta(114.5455, OvenVentilation::neededM3PerH(10.0), 1e-4);
        self::assertSame(0.0, OvenVentilation::neededM3PerH(0.0));
    }

    public function test_the_air_an_oven_draws_and_the_powder_it_clears(): void
    {
        $oven = Loads::oven();
        $drawn = 3600 * $oven->ventWPerK / 1211.3;
        self::assertEqualsWithDelta($drawn, OvenVentilation::drawnM3PerH($oven), 1e-9);
        self::assertEqualsWithDelta($drawn / 11.45455, OvenVentilation::mostPowderKg($oven), 1e-4);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\Infrared;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Planck over 8 to 14 µm. */
final class InfraredTest extends TestCase
{
    public function test_the_band_holds_the_share_of_the_spectrum_that_tables_give(): void
    {
        // Fractional functions of a black body, F(0-λT): 200 °C, λT 3785 to 6624 µm·K: 0.7848 - 0.4402 = 0.3446.
        $share = function (float $celsius): float {
            $kelvin = $celsius + 273.15;

            // π·c1' against σT⁴: 2hc² = 1.191042972e8 W·µm⁴/m²/sr, so that π·2hc²·∫/σT⁴.
            return M_PI * 1.191042972e8 * Infrared::radiance($celsius) / (5.670374419e-8 * $kelvin ** 4);
        };
        self::assertEqualsWithDelta(0.3446, $share(200), 0.001);
        // 26.85 °C, λT 2400 to 4200 µm·K: 0.5160 - 0.1403 = 0.376.
        self::assertEqualsWithDelta(0.3757, $share(26.85), 0.001);
    }

    public function test_radiance_is_turned_back(): void
    {
        foreach ([-40.0, 0.0, 20.0, 185.0, 430.0, 700.0] as $celsius) {
            self::assertEqualsWithDelta($celsius, Infrared::celsiusOf(Infrared::radiance($celsius)), 1e-4);
        }
        self::assertNan(Infrared::celsiusOf(-1));
    }

    public function test_a_reading_is_put_right_for_what_the_film_mirrors_and_how_the_gun_is_set(): void
    {
        // Set as the film and held where it mirrors the shop: what it shows is so.
        self::assertEqualsWithDelta(180, Infrared::trueCelsius(180, 0.9, 0.9, 20, 20), 1e-4);
        // Behind a shut door it mirrors the shell as well: it shows too much.
        $shut = Infrared::trueCelsius(180, 0.9, 0.9, 185, 20);
        self::assertLessThan(172, $shut);
        $seen = 0.9 * Infrared::radiance($shut) + 0.1 * Infrared::radiance(185);
        self::assertEqualsWithDelta(0.9 * Infrared::radiance(180) + 0.1 * Infrared::radiance(20), $seen, 1e-9);
        self::assertEqualsWithDelta(180, Infrared::shownCelsius($shut, 0.9, 185, 20), 1e-3);
        // Set too high for the surface it shows too little.
        self::assertGreaterThan(190, Infrared::trueCelsius(180, 1.0, 0.85, 20, 20));
    }

    public function test_a_surface_that_mirrors_is_not_read_at_all(): void
    {
        self::assertIsFloat(Infrared::trueCelsius(120, 0.95, 0.5, 20, 20));
        try {
            Infrared::trueCelsius(120, 0.95, 0.49, 20, 20);
            self::fail('It was read.');
        } catch (InvalidInput $e) {
            self::assertSame('surface', $e->place);
            self::assertStringContainsString('matt tape', $e->getMessage());
        }
        $this->expectException(InvalidInput::class);
        Infrared::trueCelsius(-40, 0.5, 0.9, 600, -40);
    }
}

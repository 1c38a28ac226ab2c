<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Racking;

use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use PHPUnit\Framework\TestCase;

/** The closed formula against its own definition: F = 1/A ∫∫ cosθ₁cosθ₂/(πr²) dA₁dA₂, summed over small squares. */
final class ViewFactorTest extends TestCase
{
    private static function summed(float $a, float $b, float $c, int $n): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < $n; $j++) {
                for ($k = 0; $k < $n; $k++) {
                    for ($l = 0; $l < $n; $l++) {
                        $r2 = ((($i - $k) * $a) / $n) ** 2 + ((($j - $l) * $b) / $n) ** 2 + $c ** 2;
                        $sum += $c ** 2 / (M_PI * $r2 ** 2);
                    }
                }
            }
        }

        return ($sum * ((($a / $n) * $b) / $n) ** 2) / ($a * $b);
    }

    public function test_the_formula_is_the_integral(): void
    {
        foreach ([[1, 1, 1], [2, 1, 1.5], [0.3, 0.9, 0.6], [1, 3, 2], [0.5, 0.5, 2]] as [$a, $b, $c]) {
            self::assertEqualsWithDelta(
                self::summed($a, $b, $c, 14),
                Rack::opposed($a, $b, $c),
                0.003,
                "{$a} by {$b} at {$c}",
            );
        }
    }

    public function test_a_rack_keeps_the_books_of_what_it_sees(): void
    {
        // Middle part of a row: its box less what its two neighbours hide of it, less the hooks.
        [$w, $h, $d, $gap] = [300.0, 900.0, 200.0, 150.0];
        $hidden = 2 * $d * $h * Rack::opposed($d, $h, $gap);
        $box = 2 * ($w * $h + $h * $d + $w * $d);
        self::assertEqualsWithDelta(
            0.95 * (1 - $hidden / $box),
            Rack::of(RackSetting::of([$w, $h, $d], 5, 1, $w + $gap, $h, 1), 5)->viewFactor,
            1e-12,
        );
        // Flat panels turned edge to the rail shade each other far more than in line with it.
        $inLine = Rack::of(RackSetting::of([800, 900, 20], 4, 1, 1000, 1000, 1), 5)->viewFactor;
        $turned = Rack::of(RackSetting::of([20, 900, 800], 4, 1, 220, 1000, 1), 5)->viewFactor;
        self::assertGreaterThan($turned + 0.3, $inLine);
    }
}

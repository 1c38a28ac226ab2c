<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;

/**
 * Student's t: what a small number of readings lets one say of the mean.
 *
 * The distribution is the regularised incomplete beta function, by its continued fraction (Lentz); ln Γ by Lanczos'
 * series. Textbook formulas; the quantiles are held against printed tables in the tests.
 */
final class StudentT
{
    /** Two-sided 95 %. */
    public const TWO_SIDED_95 = 0.975;

    private const LANCZOS = [
        76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155, 0.1208650973866179e-2,
        -0.5395239384953e-5,
    ];

    /** From one degree of freedom the quantile at 0.9995 is 637. */
    private const FARTHEST = 1e4;

    /**
     * The value t stays under with a probability.
     *
     * @param  float  $p  0.5 to 0.9999
     * @param  int  $freedom  degrees of freedom, 1 to 1 000 000
     */
    public static function quantile(float $p, int $freedom): float
    {
        Check::between('p', $p, 0.5, 0.9999);
        Check::between('freedom', $freedom, 1, 1e6);
        [$low, $high] = [0.0, self::FARTHEST];
        while ($high - $low > 1e-10 * (1 + $low)) {
            $middle = ($low + $high) / 2;
            [$low, $high] = self::below($middle, $freedom) < $p ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }

    /** Probability that t with so many degrees of freedom is below a value, 0 and more. */
    private static function below(float $t, int $freedom): float
    {
        return 1 - 0.5 * self::beta($freedom / ($freedom + $t * $t), $freedom / 2, 0.5);
    }

    private static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(
            self::lnGamma($a + $b) - self::lnGamma($a) - self::lnGamma($b) + $a * log($x) + $b * log(1 - $x),
        );

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::off(1 - ($a + $b) * $x / ($a + 1));
        $sum = $d;
        for ($m = 1; $m <= 1000; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::off(1 + $even * $d);
            $c = self::off(1 + $even / $c);
            $sum *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::off(1 + $odd * $d);
            $c = self::off(1 + $odd / $c);
            $sum *= $d * $c;
            if (abs($d * $c - 1) < 1e-15) {
                break;
            }
        }

        return $sum;
    }

    private static function off(float $value): float
    {
        return abs($value) < 1e-300 ? 1e-300 : $value;
    }

    private static function lnGamma(float $x): float
    {
        $series = 1.000000000190015;
        foreach (self::LANCZOS as $n => $factor) {
            $series += $factor / ($x + 1 + $n);
        }
        $shifted = $x + 5.5;

        return ($x + 0.5) * log($shifted) - $shifted + log(2.5066282746310005 * $series / $x);
    }
}

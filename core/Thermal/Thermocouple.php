<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * A thermocouple lags what it sits in: τ·dy/dt + y = T. Over a piece of a curve, where T is a cubic, this has the
 * exact answer y = q(t) + (y₀ − q(0))·exp(−t/τ) with q = T − τT′ + τ²T″ − τ³T‴.
 */
final class Thermocouple
{
    /** Pieces shorter than this are straight, s: the third derivative of a sliver is nothing but rounding. */
    private const SLIVER_S = 0.25;

    /**
     * What the couple shows at some seconds. It shows the truth as the curve begins, and before that.
     *
     * @param  list<Segment>  $course  in order, without gaps
     * @param  float  $lagS  τ, above 0
     * @param  list<float>  $seconds  rising
     * @return list<float>
     */
    public static function reads(array $course, float $lagS, array $seconds): array
    {
        $shown = [];
        $y = $course[0]->fromC;
        $next = 0;
        $many = count($seconds);
        while ($next < $many && $seconds[$next] <= $course[0]->fromS) {
            $shown[] = $y;
            $next++;
        }
        $last = count($course) - 1;
        foreach ($course as $n => $piece) {
            $h = $piece->toS - $piece->fromS;
            if ($h <= 0) {
                continue;
            }
            $rise = ($piece->toC - $piece->fromC) / $h;
            if ($h < self::SLIVER_S) {
                [$b, $c, $d] = [$rise, 0.0, 0.0];
            } else {
                $b = $piece->fromSlope;
                $c = (3 * $rise - 2 * $b - $piece->toSlope) / $h;
                $d = ($b + $piece->toSlope - 2 * $rise) / ($h * $h);
            }
            $q2 = $c - 3 * $lagS * $d;
            $q1 = $b - 2 * $lagS * $q2;
            $q0 = $piece->fromC - $lagS * $q1;
            $rest = $y - $q0;
            while ($next < $many && ($seconds[$next] <= $piece->toS || $n === $last)) {
                $s = $seconds[$next] - $piece->fromS;
                $shown[] = $q0 + $s * ($q1 + $s * ($q2 + $s * $d)) + $rest * exp(-$s / $lagS);
                $next++;
            }
            if ($next >= $many) {
                break;
            }
            $y = $q0 + $h * ($q1 + $h * ($q2 + $h * $d)) + $rest * exp(-$h / $lagS);
        }

        return $shown;
    }
}

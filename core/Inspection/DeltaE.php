<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;

/**
 * How far two colours lie apart: CIE 76, and CIEDE2000 with kL = kC = kH = 1 (ISO/CIE 11664-6).
 *
 * The published test pairs hold to four decimals.
 */
final readonly class DeltaE
{
    /** 25⁷: where chroma stops turning grey blue. */
    private const SEVENTH = 6103515625.0;

    /** A difference most people see side by side. House figure, unverified; the tolerance agreed comes first. */
    public const USUAL_TOLERANCE = 1.0;

    private function __construct(public float $de76, public float $de00)
    {
    }

    /**
     * @param  array{float, float, float}  $one  L* 0 to 150, a* and b* −200 to 200
     * @param  array{float, float, float}  $other  as the first
     */
    public static function between(array $one, array $other): self
    {
        foreach (['lab1' => $one, 'lab2' => $other] as $name => $lab) {
            Check::between("{$name}[0]", $lab[0], 0, 150);
            Check::between("{$name}[1]", $lab[1], -200, 200);
            Check::between("{$name}[2]", $lab[2], -200, 200);
        }

        return new self(
            sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2),
            self::ciede2000($one, $other),
        );
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    private static function ciede2000(array $one, array $other): float
    {
        $chroma = (hypot($one[1], $one[2]) + hypot($other[1], $other[2])) / 2;
        $g = 0.5 * (1 - sqrt($chroma ** 7 / ($chroma ** 7 + self::SEVENTH)));
        [$c1, $h1] = self::polar((1 + $g) * $one[1], $one[2]);
        [$c2, $h2] = self::polar((1 + $g) * $other[1], $other[2]);
        $grey = $c1 * $c2 === 0.0;
        $turn = $h2 - $h1;
        $turn += match (true) {
            $grey => -$turn,
            $turn > 180 => -360,
            $turn < -180 => 360,
            default => 0,
        };
        $dL = $other[0] - $one[0];
        $dC = $c2 - $c1;
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));
        $lightness = ($one[0] + $other[0]) / 2;
        $c = ($c1 + $c2) / 2;
        $hue = self::middleHue($h1, $h2, $grey);
        $t = 1 - 0.17 * self::cos($hue - 30) + 0.24 * self::cos(2 * $hue) + 0.32 * self::cos(3 * $hue + 6)
            - 0.20 * self::cos(4 * $hue - 63);
        $sL = 1 + 0.015 * ($lightness - 50) ** 2 / sqrt(20 + ($lightness - 50) ** 2);
        $sC = 1 + 0.045 * $c;
        $sH = 1 + 0.015 * $c * $t;
        $turned = 60 * exp(-((($hue - 275) / 25) ** 2));
        $rT = -2 * sqrt($c ** 7 / ($c ** 7 + self::SEVENTH)) * sin(deg2rad($turned));

        return sqrt(
            ($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH),
        );
    }

    /** @return array{float, float} chroma, and hue in degrees from 0 */
    private static function polar(float $a, float $b): array
    {
        $hue = $a === 0.0 && $b === 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return [hypot($a, $b), $hue < 0 ? $hue + 360 : $hue];
    }

    private static function middleHue(float $h1, float $h2, bool $grey): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            $grey => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }

    private static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }
}

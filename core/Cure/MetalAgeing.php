<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

use Aenum\Core\Heat\Segment;

/**
 * What baking does to a heat-treated light alloy: time above 150 °C as equivalent minutes at 200 °C, E = 130 kJ/mol
 * (typical of over-ageing in Al-Mg-Si alloys). The maker's own limit always comes first.
 */
final class MetalAgeing
{
    public const FROM_C = 150.0;

    public const WARN_MINUTES = 60.0;

    public const SIGN_MINUTES = 120.0;

    private const E_J_PER_MOL = 130000.0;

    /**
     * Equivalent minutes at 200 °C along a curve.
     *
     * @param  iterable<Segment>  $course
     */
    public static function minutes(iterable $course): float
    {
        $b = self::E_J_PER_MOL / ArrheniusRate::R;
        $rate = new ArrheniusRate(-$b / 473.15, $b, self::FROM_C);
        $sum = 0.0;
        foreach ($course as $piece) {
            $sum += $rate->over($piece);
        }

        return $sum;
    }

    /**
     * Equivalent minutes at 200 °C with planned holds added to what the metal has had.
     *
     * @param  list<array{float, float}>  $holds  [°C, minutes]
     */
    public static function planned(float $soFar, array $holds): float
    {
        foreach ($holds as [$celsius, $minutes]) {
            $soFar += $minutes > 0 ? self::minutes([Segment::straight(0, 60 * $minutes, $celsius, $celsius)]) : 0.0;
        }

        return $soFar;
    }
}

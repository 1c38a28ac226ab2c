<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Segment;
use Aenum\Core\Units\Constant;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/**
 * What baking does to a heat-treated light alloy: time above 150 °C as equivalent minutes at 200 °C, E = 130 kJ/mol
 * (typical of over-ageing in Al-Mg-Si alloys). The maker's own limit always comes first.
 */
final class MetalAging
{
    /** Cooler than this nothing is counted, °C. */
    public const FROM_C = 150.0;

    /** What the minutes are told at, °C. */
    public const REFERENCE_C = 200.0;

    /** Past this many it is worth a word: two thirds of what reheat tables allow. House figure. */
    public const WARN_MINUTES = 30.0;

    /** Past this many a name is needed: reheat tables for artificially aged 6xxx come to 41 to 51. */
    public const SIGN_MINUTES = 45.0;

    private const E_J_PER_MOL = 130000.0;

    /** What so many equivalent minutes mean. */
    public static function words(float $minutes): Message
    {
        return Message::of(
            'Its metal has had {minutes} as at {at} after this; worth a word past {warn}, a name past {sign}. '
            .'The maker\'s limit comes first.',
            [
                'minutes' => Quantity::minutes(round($minutes)),
                'at' => Quantity::celsius(self::REFERENCE_C),
                'warn' => Quantity::minutes(self::WARN_MINUTES),
                'sign' => Quantity::minutes(self::SIGN_MINUTES),
            ],
        );
    }

    /**
     * Equivalent minutes at 200 °C along a curve.
     *
     * @param  iterable<Segment>  $course
     */
    public static function minutes(iterable $course): float
    {
        $b = self::E_J_PER_MOL / Constant::GAS;
        $rate = new ArrheniusRate(-$b / (self::REFERENCE_C + Constant::KELVIN_AT_0_C), $b, self::FROM_C);
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

<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Tests\Core\Rules\RuleTestCase;

/** Hard steel of unknown temper, or over 1,000 MPa, is signed for past 150 °C in any bake. */
final class HardSteelHeatTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'unknown temper, 151 °C cure' => [
                true,
                [
                    'part' => ['hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 151, 'hold_min' => 10]],
                ],
            ],
            'unknown temper, 150 °C cure' => [
                false,
                [
                    'part' => ['hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 150, 'hold_min' => 10]],
                ],
            ],
            'unknown temper, bake-out' => [
                true,
                [
                    'part' => ['hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'bake_out', 'pmt_c' => 200, 'hold_min' => 10]],
                ],
            ],
            'unknown temper, relief bake' => [
                true,
                [
                    'part' => ['hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'relief_bake', 'pmt_c' => 190, 'hold_min' => 10]],
                ],
            ],
            'known temper' => [
                false,
                [
                    'part' => ['hardened' => true, 'temper_c' => 250] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10]],
                ],
            ],
            '1,001 MPa, temper known' => [
                true,
                [
                    'part' => ['strength_mpa' => 1001, 'temper_c' => 250] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10]],
                ],
            ],
            '1,000 MPa' => [
                false,
                [
                    'part' => ['strength_mpa' => 1000] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10]],
                ],
            ],
            'high-strength stainless' => [
                true,
                [
                    'part' => ['metal' => 'stainless_steel', 'strength_mpa' => 1200] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 180, 'hold_min' => 10]],
                ],
            ],
            'hardened aluminum is none' => [
                false,
                [
                    'part' => ['metal' => 'aluminium', 'hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10]],
                ],
            ],
            'as computed for the load' => [
                true,
                ['floor' => new FloorConditions(peakC: 150.6)]
                + [
                    'part' => ['hardened' => true] + self::STEEL,
                    'steps' => [['step' => 'bake', 'pmt_c' => 140, 'hold_min' => 10]],
                ],
            ],
        ];
    }
}

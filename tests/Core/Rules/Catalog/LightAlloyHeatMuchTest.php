<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Tests\Core\Rules\RuleTestCase;

/** All bakes of a heat-treated light alloy together, against 45 equivalent minutes at 200 °C. */
final class LightAlloyHeatMuchTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'marked heat-treated, 46 min' => [
                true,
                [
                    'part' => ['metal' => 'aluminium', 'heat_treated' => true],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 46] + self::BAKE],
                ],
            ],
            'marked heat-treated, 45 min' => [
                false,
                [
                    'part' => ['metal' => 'aluminium', 'heat_treated' => true],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 45] + self::BAKE],
                ],
            ],
            'cast wheel, nobody has denied it' => [
                true,
                [
                    'part' => ['metal' => 'cast_aluminium', 'duty' => 'wheel'],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 46] + self::BAKE],
                ],
            ],
            'cast wheel, known as cast' => [
                false,
                [
                    'part' => ['metal' => 'cast_aluminium', 'duty' => 'wheel', 'alloy' => 'not_heat_treatable'],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 46] + self::BAKE],
                ],
            ],
            'A356-T6 and the like' => [
                true,
                [
                    'part' => ['metal' => 'cast_aluminium', 'alloy' => 'cast_aged'],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 46] + self::BAKE],
                ],
            ],
            'cast lantern body' => [
                false,
                ['part' => ['metal' => 'cast_aluminium'], 'steps' => [['pmt_c' => 200, 'hold_min' => 46] + self::BAKE]],
            ],
            'bakes still to come count' => [
                true,
                [
                    'part' => ['metal' => 'cast_aluminium', 'duty' => 'wheel', 'metal_minutes_so_far' => 20],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 1] + self::BAKE],
                    'floor' => new FloorConditions(metalMinutes: 15.0, metalMinutesLater: 10.1),
                ],
            ],
            'bakes still to come, within the limit' => [
                false,
                [
                    'part' => ['metal' => 'cast_aluminium', 'duty' => 'wheel', 'metal_minutes_so_far' => 20],
                    'steps' => [['pmt_c' => 200, 'hold_min' => 1] + self::BAKE],
                    'floor' => new FloorConditions(metalMinutes: 15.0, metalMinutesLater: 10.0),
                ],
            ],
        ];
    }
}

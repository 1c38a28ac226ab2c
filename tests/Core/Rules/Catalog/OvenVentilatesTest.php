<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Curing\OvenVentilation;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Thermal\Oven;
use Tests\Core\Loads;
use Tests\Core\Rules\RuleTestCase;

/** Fresh air keeps the vapor of the load under a quarter of its explosive limit. */
final class OvenVentilatesTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        $most = OvenVentilation::mostPowderKg(Loads::oven());

        return [
            'a gram too much' => [
                true,
                ['oven' => Loads::oven(), 'floor' => new FloorConditions(powderKg: $most + 0.001)],
            ],
            'just what the vent clears' => [
                false,
                ['oven' => Loads::oven(), 'floor' => new FloorConditions(powderKg: $most - 0.001)],
            ],
            'solvent on top' => [
                true,
                ['oven' => Loads::oven(), 'floor' => new FloorConditions(powderKg: $most - 0.001, solventKg: 0.01)],
            ],
            'an oven that draws less than the one that speaks for the shop' => [
                true,
                [
                    'oven' => self::drawsTwice(),
                    'floor' => new FloorConditions(powderKg: $most + 0.001, oven: Loads::oven()),
                ],
            ],
            'an oven that draws more' => [
                false,
                [
                    'oven' => Loads::oven(),
                    'floor' => new FloorConditions(powderKg: $most + 0.001, oven: self::drawsTwice()),
                ],
            ],
            'powder not known' => [false, ['oven' => Loads::oven()]],
            'oven not known' => [false, ['floor' => new FloorConditions(powderKg: 100)]],
        ];
    }

    private static function drawsTwice(): Oven
    {
        $oven = Loads::oven();

        return Oven::of(
            $oven->heaterKw,
            $oven->bandK,
            $oven->airKjPerK,
            $oven->shellKjPerK,
            $oven->airToShellWPerK,
            $oven->shellLossWPerK,
            2 * $oven->ventWPerK,
            $oven->doorWPerK,
            $oven->convectionWPerM2K,
            $oven->maxC,
        );
    }
}

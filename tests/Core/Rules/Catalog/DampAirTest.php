<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Tests\Core\Rules\RuleTestCase;

/** Wet metal is judged by its own temperature where that was measured. */
final class DampAirTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'metal as warm as the air, 83.5 %' => [
                true,
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 83.5)],
            ],
            'metal as warm as the air, 82 %' => [false, ['floor' => new FloorConditions(airC: 20, airHumidityPct: 82)]],
            'dry air, cold metal' => [
                true,
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 50, metalC: 12.2)],
            ],
            'dry air, metal just clear of the dew point' => [
                false,
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 50, metalC: 12.3)],
            ],
            'damp air, warmed metal' => [
                false,
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 95, metalC: 30)],
            ],
        ];
    }
}

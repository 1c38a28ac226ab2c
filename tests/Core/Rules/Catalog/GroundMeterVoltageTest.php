<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A ground meter applies 500 V or more. */
final class GroundMeterVoltageTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            '499 V' => [true, ['equipment' => ['ground_volts' => 499]]],
            '500 V' => [false, ['equipment' => ['ground_volts' => 500]]],
            'not said' => [false, []],
        ];
    }
}

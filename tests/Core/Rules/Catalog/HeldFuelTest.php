<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A tank that held fuel is certified gas-free before anything is done to it. */
final class HeldFuelTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'not certified' => [true, self::routed(['features' => ['held_fuel']])],
            'certified' => [false, self::routed(['features' => ['held_fuel'], 'gas_free' => true])],
            'another hollow' => [false, self::routed(['features' => ['recesses']])],
        ];
    }
}

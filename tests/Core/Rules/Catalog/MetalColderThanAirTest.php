<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Tests\Core\Rules\RuleTestCase;

/** A part from the cold is measured before it is blasted or sprayed. */
final class MetalColderThanAirTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'not measured' => [true, self::routed(['from_cold' => true])],
            'measured' => [false, ['floor' => new FloorConditions(metalC: 18.0)] + self::routed(['from_cold' => true])],
            'from the shop' => [false, self::routed([])],
        ];
    }
}

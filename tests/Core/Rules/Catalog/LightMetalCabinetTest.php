<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Light metal is blasted in a cabinet of its own, or somebody signs. */
final class LightMetalCabinetTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'nothing recorded' => [true, self::routed(['metal' => 'aluminium'], 'blast')],
            'recorded as shared' => [
                true,
                ['equipment' => ['light_metal_cabinet' => false]]
                + self::routed(['metal' => 'zinc_die_cast'], 'sweep_blast'),
            ],
            'a cabinet of its own' => [
                false,
                ['equipment' => ['light_metal_cabinet' => true]] + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
            'not blasted' => [false, self::routed(['metal' => 'aluminium'], 'wash')],
            'steel' => [false, self::routed([], 'blast')],
        ];
    }
}

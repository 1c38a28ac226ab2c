<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Tests\Core\Rules\RuleTestCase;

/** Oil never goes into an oven, whatever was told at the bench. */
final class OilIntoOvenTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'no degreasing planned' => [true, self::routed(['on_it' => ['grease']], 'bake')],
            'degreased only after' => [true, self::routed(['on_it' => ['grease']], 'bake_out', 'degrease', 'bake')],
            'degreased first' => [false, self::routed(['on_it' => ['grease']], 'degrease', 'bake')],
            'planned, but told not needed' => [
                true,
                ['floor' => new FloorConditions(surface: new Surface([Layer::Grease]))]
                + self::routed(['on_it' => ['grease']], 'degrease', 'bake'),
            ],
        ];
    }
}

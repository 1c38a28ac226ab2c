<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Tests\Core\Rules\RuleTestCase;

/** No PVC or fluoropolymer into any of the shop's ovens, a dry-off included. */
final class PlasticIntoOvenTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'into the cure' => [true, self::routed(['on_it' => ['plastic_coating']], 'coat', 'bake')],
            'into the dry-off, blasted only later' => [
                true,
                self::routed(['on_it' => ['plastic_coating']], 'dry_off', 'blast', 'coat', 'bake'),
            ],
            'into the bake-out' => [true, self::routed(['on_it' => ['plastic_coating']], 'bake_out', 'blast')],
            'blasted off first' => [
                false,
                self::routed(['on_it' => ['plastic_coating']], 'blast', 'bake_out', 'coat', 'bake'),
            ],
            'no oven planned' => [false, self::routed(['on_it' => ['plastic_coating']], 'coat')],
            'told undone on the floor' => [
                true,
                ['floor' => new FloorConditions(surface: new Surface([Layer::PlasticCoating]))]
                + self::routed(['on_it' => ['plastic_coating']], 'blast', 'bake'),
            ],
        ];
    }
}

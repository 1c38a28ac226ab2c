<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Tests\Core\Rules\RuleTestCase;

/** Mill scale goes by blast, acid or disc, not by a sweep or a wash. */
final class ScaleUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'everything crossed out' => [true, self::routed(['on_it' => ['mill_scale']], 'solvent_wipe', 'coat')],
            'blasted first' => [false, self::routed(['on_it' => ['mill_scale']], 'blast', 'coat')],
            'blasted only after the coat' => [true, self::routed(['on_it' => ['mill_scale']], 'coat', 'blast')],
            'nothing is coated' => [false, self::routed(['on_it' => ['mill_scale']], 'solvent_wipe')],
            'swept only' => [true, self::routed(['on_it' => ['mill_scale']], 'sweep_blast', 'coat')],
            'washed and phosphated' => [true, self::routed(['on_it' => ['mill_scale']], 'wash', 'phosphate', 'coat')],
            'pickled' => [false, self::routed(['on_it' => ['mill_scale']], 'acid', 'rinse', 'coat')],
            'ground off' => [false, self::routed(['on_it' => ['mill_scale']], 'hand_abrade', 'coat')],
            'blasted with soft media' => [
                true,
                ['blast' => ['media' => 'walnut']] + self::routed(['on_it' => ['mill_scale']], 'blast', 'coat'),
            ],
            'told undone on the floor' => [
                true,
                ['floor' => new FloorConditions(surface: new Surface([Layer::MillScale]))]
                + self::routed(['on_it' => ['mill_scale']], 'blast', 'coat'),
            ],
            'done on the floor' => [
                false,
                [
                    'floor' => new FloorConditions(surface: new Surface()),
                ] + self::routed(['on_it' => ['mill_scale']], 'coat'),
            ],
            'under a coat already' => [
                false,
                ['floor' => new FloorConditions(surface: new Surface([Layer::MillScale], coats: 1))]
                + self::routed(['on_it' => ['mill_scale']], 'coat'),
            ],
        ];
    }
}

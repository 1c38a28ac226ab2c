<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Tests\Core\Rules\RuleTestCase;

/** No grease into the cabinet, whatever was told at the bench. */
final class DegreaseBeforeBlastTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'no degreasing planned' => [true, self::routed(['on_it' => ['grease']], 'blast')],
            'blasted before' => [true, self::routed(['on_it' => ['grease']], 'blast', 'degrease')],
            'degreased first' => [false, self::routed(['on_it' => ['grease']], 'degrease', 'blast')],
            'planned, but told not needed' => [
                true,
                ['floor' => new FloorConditions(surface: new Surface([Layer::Grease]))]
                + self::routed(['on_it' => ['grease']], 'degrease', 'blast'),
            ],
        ];
    }
}

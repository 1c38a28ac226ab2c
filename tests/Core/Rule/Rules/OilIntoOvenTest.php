<?php

declare(strict_types=1);

namespace Tests\Core\Rule\Rules;

use Aenum\Core\Job\Floor;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Tests\Core\Rule\RuleTestCase;

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
                ['floor' => new Floor(surface: new Surface([Layer::Grease]))]
                + self::routed(['on_it' => ['grease']], 'degrease', 'bake'),
            ],
        ];
    }
}

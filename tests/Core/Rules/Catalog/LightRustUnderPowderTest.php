<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Light rust goes by a sweep; indoors scrubbing and phosphate will do. */
final class LightRustUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'everything crossed out' => [true, self::routed(['on_it' => ['light_rust']], 'solvent_wipe', 'coat')],
            'blasted first' => [false, self::routed(['on_it' => ['light_rust']], 'blast', 'coat')],
            'blasted only after the coat' => [true, self::routed(['on_it' => ['light_rust']], 'coat', 'blast')],
            'nothing is coated' => [false, self::routed(['on_it' => ['light_rust']], 'solvent_wipe')],
            'swept' => [false, self::routed(['on_it' => ['light_rust']], 'sweep_blast', 'coat')],
            'scrubbed and phosphated, indoors' => [
                false,
                self::routed(['on_it' => ['light_rust']], 'scrub', 'phosphate', 'coat'),
            ],
            'scrubbed and phosphated, outdoors' => [
                true,
                ['where' => 'outdoors'] + self::routed(['on_it' => ['light_rust']], 'scrub', 'phosphate', 'coat'),
            ],
            'phosphated without scrubbing' => [
                true,
                self::routed(['on_it' => ['light_rust']], 'wash', 'phosphate', 'coat'),
            ],
            'scrubbed only' => [true, self::routed(['on_it' => ['light_rust']], 'scrub', 'coat')],
        ];
    }
}

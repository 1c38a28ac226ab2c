<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Rust goes by blast, acid, disc or converter, not by scrubbing. */
final class RustUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'everything crossed out' => [true, self::routed(['on_it' => ['rust']], 'solvent_wipe', 'coat')],
            'blasted first' => [false, self::routed(['on_it' => ['rust']], 'blast', 'coat')],
            'blasted only after the coat' => [true, self::routed(['on_it' => ['rust']], 'coat', 'blast')],
            'nothing is coated' => [false, self::routed(['on_it' => ['rust']], 'solvent_wipe')],
            'converted' => [false, self::routed(['on_it' => ['rust']], 'rust_convert', 'coat')],
            'scrubbed and phosphated' => [true, self::routed(['on_it' => ['rust']], 'scrub', 'phosphate', 'coat')],
            'pickled' => [false, self::routed(['on_it' => ['rust']], 'acid', 'coat')],
            'stripped of paint only' => [true, self::routed(['on_it' => ['rust', 'paint']], 'strip_chemical', 'coat')],
        ];
    }
}

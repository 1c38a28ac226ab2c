<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Grease goes by degreaser or wash; a blast smears it and a wipe does not get it. */
final class GreaseUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'everything crossed out' => [true, self::routed(['on_it' => ['grease']], 'coat')],
            'degreased' => [false, self::routed(['on_it' => ['grease']], 'degrease', 'coat')],
            'washed' => [false, self::routed(['on_it' => ['grease']], 'wash', 'coat')],
            'wiped only' => [true, self::routed(['on_it' => ['grease']], 'solvent_wipe', 'coat')],
            'blasted only' => [true, self::routed(['on_it' => ['grease']], 'blast', 'coat')],
            'burned off' => [false, self::routed(['on_it' => ['grease']], 'burn_off', 'coat')],
            'baked out last, once oily' => [true, self::routed(['oily' => true], 'degrease', 'bake_out', 'coat')],
            'baked out last, then wiped' => [
                false,
                self::routed(['oily' => true], 'degrease', 'bake_out', 'solvent_wipe', 'coat'),
            ],
            'baked out before the blast' => [
                false,
                self::routed(['oily' => true], 'degrease', 'bake_out', 'blast', 'coat'),
            ],
            'clean stainless, wiped only' => [
                false,
                self::routed(['metal' => 'stainless_steel'], 'solvent_wipe', 'coat'),
            ],
        ];
    }
}

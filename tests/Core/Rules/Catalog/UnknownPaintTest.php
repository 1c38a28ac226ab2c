<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Untested paint is as dangerous ground, brushed, burned or sanded as it is blasted. */
final class UnknownPaintTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'blast' => [true, self::routed(['on_it' => ['paint']], 'blast')],
            'sweep blast' => [true, self::routed(['on_it' => ['paint']], 'sweep_blast')],
            'hand abrade' => [true, self::routed(['on_it' => ['paint']], 'hand_abrade')],
            'break edges' => [true, self::routed(['on_it' => ['paint']], 'break_edges')],
            'burn off' => [true, self::routed(['on_it' => ['paint']], 'burn_off')],
            'only stripped' => [false, self::routed(['on_it' => ['paint']], 'strip_chemical')],
            'coated over and sanded bare later' => [
                true,
                self::routed(['on_it' => ['two_part_paint'], 'old_primer_tight' => true], 'wash', 'coat', 'bare_after'),
            ],
            'stripped, and another coat sanded later' => [
                false,
                self::routed(['on_it' => ['paint']], 'strip_chemical', 'coat', 'abrade'),
            ],
            'tested' => [false, self::routed(['on_it' => ['paint'], 'paint_test' => 'none'], 'blast')],
            'no paint' => [false, self::routed(['on_it' => ['rust']], 'blast')],
        ];
    }
}

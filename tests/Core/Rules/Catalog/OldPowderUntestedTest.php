<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Old powder can hold lead or chromate too. */
final class OldPowderUntestedTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'blast' => [true, self::routed(['on_it' => ['old_powder']], 'blast')],
            'sweep blast' => [true, self::routed(['on_it' => ['old_powder']], 'sweep_blast')],
            'hand abrade' => [true, self::routed(['on_it' => ['old_powder']], 'hand_abrade')],
            'break edges' => [true, self::routed(['on_it' => ['old_powder']], 'break_edges')],
            'burn off' => [true, self::routed(['on_it' => ['old_powder']], 'burn_off')],
            'only stripped' => [false, self::routed(['on_it' => ['old_powder']], 'strip_chemical')],
            'tested' => [false, self::routed(['on_it' => ['old_powder'], 'paint_test' => 'none'], 'hand_abrade')],
        ];
    }
}

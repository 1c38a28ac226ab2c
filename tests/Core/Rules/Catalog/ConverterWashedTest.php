<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A converted surface is coated as it is. */
final class ConverterWashedTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'washed' => [true, self::routed(['on_it' => ['rust']], 'rust_convert', 'wash', 'coat')],
            'phosphated' => [true, self::routed(['on_it' => ['rust']], 'rust_convert', 'phosphate', 'coat')],
            'coated as it is' => [false, self::routed(['on_it' => ['rust']], 'rust_convert', 'dry_off', 'coat')],
            'washed before it' => [false, self::routed(['on_it' => ['rust']], 'wash', 'rust_convert', 'coat')],
            'washed after the coat' => [false, self::routed(['on_it' => ['rust']], 'rust_convert', 'coat', 'wash')],
        ];
    }
}

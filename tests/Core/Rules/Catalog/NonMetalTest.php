<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Board, glass and plastic are not offered. */
final class NonMetalTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'wood board' => [true, self::routed(['metal' => 'wood_board'])],
            'glass' => [true, self::routed(['metal' => 'glass'])],
            'plastic' => [true, self::routed(['metal' => 'plastic'])],
            'steel' => [false, self::routed([])],
        ];
    }
}

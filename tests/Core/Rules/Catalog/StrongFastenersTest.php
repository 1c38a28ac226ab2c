<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** High-strength fasteners are decided one by one. */
final class StrongFastenersTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'on it' => [true, self::routed(['features' => ['strong_fasteners']], 'bake')],
            'none on it' => [false, self::routed(['features' => ['threads']], 'bake')],
        ];
    }
}

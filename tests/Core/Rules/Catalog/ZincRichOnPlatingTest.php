<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Zinc-rich primer on plate protects nothing. */
final class ZincRichOnPlatingTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'plated' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed(['on_it' => ['plating']]),
            ],
            'bare steel' => [
                false,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]] + self::routed([]),
            ],
            'epoxy primer on plate' => [false, ['coats' => [self::COAT]] + self::routed(['on_it' => ['plating']])],
        ];
    }
}

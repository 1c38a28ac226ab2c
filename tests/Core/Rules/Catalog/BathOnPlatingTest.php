<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Chrome and nickel plate take no phosphate. */
final class BathOnPlatingTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'plated' => [true, self::routed(['on_it' => ['plating']], 'phosphate')],
            'plated, wiped' => [false, self::routed(['on_it' => ['plating']], 'solvent_wipe')],
            'bare steel' => [false, self::routed([], 'phosphate')],
        ];
    }
}

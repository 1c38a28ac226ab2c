<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Zinc-rich primer goes on blasted or etched steel. */
final class ZincRichOnPhosphateTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'phosphated' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed([], 'blast', 'wash', 'phosphate', 'coat'),
            ],
            'blasted' => [
                false,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed([], 'blast', 'wash', 'coat'),
            ],
            'etched' => [
                false,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed([], 'acid', 'rinse', 'coat'),
            ],
            'neither' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed([], 'wash', 'coat'),
            ],
            'abraded by hand only' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed([], 'hand_abrade', 'coat'),
            ],
            'swept' => [
                false,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed(['metal' => 'galvanised_steel'], 'sweep_blast', 'coat'),
            ],
            'on converter' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed(['on_it' => ['rust']], 'rust_convert', 'coat'),
            ],
            'on old primer, swept' => [
                true,
                ['coats' => [['zinc_rich' => true, 'role' => 'primer'] + self::COAT]]
                + self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'sweep_blast', 'coat'),
            ],
            'another primer on phosphate' => [
                false,
                ['coats' => [self::COAT]] + self::routed([], 'blast', 'phosphate', 'coat'),
            ],
        ];
    }
}

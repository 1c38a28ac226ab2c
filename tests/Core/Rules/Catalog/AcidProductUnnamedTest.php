<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Acid on stainless and brass asks for the product. */
final class AcidProductUnnamedTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'stainless' => [true, self::routed(['metal' => 'stainless_steel'], 'acid')],
            'brass' => [true, self::routed(['metal' => 'brass'], 'acid')],
            'product named' => [false, self::routed(['metal' => 'brass', 'acid_product' => 'Glanz 4'], 'acid')],
            'steel' => [false, self::routed([], 'acid')],
            'no acid' => [false, self::routed(['metal' => 'stainless_steel'], 'strip_chemical')],
            'aluminum: another rule stops it' => [false, self::routed(['metal' => 'aluminium'], 'acid')],
        ];
    }
}

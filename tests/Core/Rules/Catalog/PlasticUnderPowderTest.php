<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** PVC and the like come off by hand or by blast; a stripper for paint leaves them. */
final class PlasticUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'everything crossed out' => [true, self::routed(['on_it' => ['plastic_coating']], 'coat')],
            'stripper for paint' => [true, self::routed(['on_it' => ['plastic_coating']], 'strip_chemical', 'coat')],
            'blasted off' => [false, self::routed(['on_it' => ['plastic_coating']], 'blast', 'coat')],
            'blasted with soda' => [
                true,
                ['blast' => ['media' => 'soda']] + self::routed(['on_it' => ['plastic_coating']], 'blast', 'coat'),
            ],
            'scraped off by hand' => [false, self::routed(['on_it' => ['plastic_coating']], 'hand_abrade', 'coat')],
        ];
    }
}

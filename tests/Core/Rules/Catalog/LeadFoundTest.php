<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Lead and chromate stop at every step that raises dust or fume, unless the license covers them. */
final class LeadFoundTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'blast' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'blast')],
            'sweep blast' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'sweep_blast')],
            'hand abrade' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'hand_abrade')],
            'break edges' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'break_edges')],
            'burn off' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'burn_off')],
            'chromate' => [true, self::routed(['on_it' => ['paint'], 'paint_test' => 'chromate'], 'hand_abrade')],
            'only stripped' => [false, self::routed(['on_it' => ['paint'], 'paint_test' => 'lead'], 'strip_chemical')],
            'license for magnesium' => [
                true,
                self::routed(
                    ['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'M-7', 'licensed_for' => ['magnesium']],
                    'blast',
                ),
            ],
            'license that names nothing' => [
                true,
                self::routed(['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'L-7'], 'blast'),
            ],
            'license for lead' => [
                false,
                self::routed(
                    [
                        'on_it' => ['paint'],
                        'paint_test' => 'lead',
                        'licence' => 'L-7',
                        'licensed_for' => ['lead_chromate'],
                    ],
                    'blast',
                ),
            ],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A licensed process still wants a name. */
final class LeadLicensedTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'license for lead' => [
                true,
                self::routed(
                    [
                        'on_it' => ['paint'],
                        'paint_test' => 'lead',
                        'licence' => 'L-7',
                        'licensed_for' => ['lead_chromate'],
                    ],
                    'hand_abrade',
                ),
            ],
            'license for magnesium' => [
                false,
                self::routed(
                    ['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'M-7', 'licensed_for' => ['magnesium']],
                    'hand_abrade',
                ),
            ],
            'only stripped' => [
                false,
                self::routed(
                    [
                        'on_it' => ['paint'],
                        'paint_test' => 'lead',
                        'licence' => 'L-7',
                        'licensed_for' => ['lead_chromate'],
                    ],
                    'strip_chemical',
                ),
            ],
        ];
    }
}

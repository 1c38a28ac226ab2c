<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Only a license for magnesium releases magnesium. */
final class MagnesiumTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'no license' => [true, self::routed(['metal' => 'magnesium'])],
            'license for lead' => [
                true,
                self::routed(['metal' => 'magnesium', 'licence' => 'L-7', 'licensed_for' => ['lead_chromate']]),
            ],
            'license for magnesium' => [
                false,
                self::routed(['metal' => 'magnesium', 'licence' => 'M-7', 'licensed_for' => ['magnesium']]),
            ],
            'aluminum' => [false, self::routed(['metal' => 'aluminium'])],
        ];
    }
}

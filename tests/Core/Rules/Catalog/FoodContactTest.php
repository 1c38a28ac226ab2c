<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Food contact needs the maker's declaration. */
final class FoodContactTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'coated' => [true, ['coats' => [self::COAT]] + self::routed(['food_contact' => true])],
            'no coat planned' => [false, self::routed(['food_contact' => true])],
            'no food contact' => [false, ['coats' => [self::COAT]] + self::routed([])],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** An indoor powder goes outdoors only as a primer, whichever coat it is. */
final class IndoorPowderOutdoorsTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'epoxy base outdoors' => [
                true,
                ['where' => 'outdoors', 'coats' => [['chemistry' => 'epoxy'] + self::COAT]],
            ],
            'epoxy base under a clear' => [
                true,
                [
                    'where' => 'coast',
                    'coats' => [
                        ['chemistry' => 'epoxy'] + self::COAT,
                        ['role' => 'clear', 'chemistry' => 'polyester'] + self::COAT,
                    ],
                ],
            ],
            'epoxy primer under polyester' => [
                false,
                [
                    'where' => 'outdoors',
                    'coats' => [
                        ['role' => 'primer', 'chemistry' => 'epoxy'] + self::COAT,
                        ['chemistry' => 'polyester'] + self::COAT,
                    ],
                ],
            ],
            'its sheet keeps it indoors' => [
                true,
                ['where' => 'outdoors', 'coats' => [['outdoors' => false] + ['chemistry' => 'polyester'] + self::COAT]],
            ],
            'its sheet allows it' => [
                false,
                ['where' => 'outdoors', 'coats' => [['outdoors' => true] + ['chemistry' => 'epoxy'] + self::COAT]],
            ],
            'indoors' => [false, ['where' => 'indoors', 'coats' => [['chemistry' => 'epoxy'] + self::COAT]]],
            'nothing known' => [false, ['where' => 'outdoors', 'coats' => [self::COAT]]],
        ];
    }
}

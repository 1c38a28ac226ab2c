<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Acid, alkali and degreaser are rinsed off; converter that has had its day is coated as it is. */
final class AgentNotRinsedTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'degreased, not rinsed' => [true, self::routed([], 'degrease', 'coat')],
            'degreased and rinsed' => [false, self::routed([], 'degrease', 'rinse', 'coat')],
            'converter, coated too soon' => [true, self::routed([], 'rust_convert', 'coat')],
            'converter, after its hours' => [
                false,
                ['steps' => [['step' => 'rust_convert', 'wait_min' => 1440], ['step' => 'coat']]],
            ],
            'converter, an hour short' => [
                true,
                ['steps' => [['step' => 'rust_convert', 'wait_min' => 1380], ['step' => 'coat']]],
            ],
        ];
    }
}

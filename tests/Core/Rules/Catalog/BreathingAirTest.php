<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** The hood's air is tested every three months and watched for carbon monoxide. */
final class BreathingAirTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'nothing recorded' => [true, self::routed([], 'blast')],
            '92 days ago, with alarm' => [
                false,
                ['equipment' => ['breathing_air_days' => 92, 'co_alarm' => true]] + self::routed([], 'blast'),
            ],
            '93 days ago, with alarm' => [
                true,
                ['equipment' => ['breathing_air_days' => 93, 'co_alarm' => true]] + self::routed([], 'blast'),
            ],
            'tested, without alarm' => [
                true,
                ['equipment' => ['breathing_air_days' => 1, 'co_alarm' => false]] + self::routed([], 'blast'),
            ],
            'nothing is blasted' => [false, self::routed([], 'wash')],
        ];
    }
}

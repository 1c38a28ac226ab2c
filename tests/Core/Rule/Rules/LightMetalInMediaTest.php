<?php

declare(strict_types=1);

namespace Tests\Core\Rule\Rules;

use Aenum\Core\Blast\Media;
use Aenum\Core\Job\Floor;
use Aenum\Core\Job\MediumLot;
use Tests\Core\Rule\RuleTestCase;

/** Steel after aluminum is noted the other way round. */
final class LightMetalInMediaTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'steel after aluminum' => [
                true,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet'), lightFrom: ['lantern']))]
                + self::routed([], 'blast'),
            ],
            'steel, clean media' => [
                false,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet')))] + self::routed([], 'blast'),
            ],
            'aluminum after aluminum' => [
                false,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet'), lightFrom: ['lantern']))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\MediumLot;
use Tests\Core\Rules\RuleTestCase;

/** Steel after aluminum is noted the other way round. */
final class LightMetalInMediaTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'steel after aluminum' => [
                true,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet'), lightFrom: ['lantern']))]
                + self::routed([], 'blast'),
            ],
            'steel, clean media' => [
                false,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet')))] + self::routed([], 'blast'),
            ],
            'aluminum after aluminum' => [
                false,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet'), lightFrom: ['lantern']))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
        ];
    }
}

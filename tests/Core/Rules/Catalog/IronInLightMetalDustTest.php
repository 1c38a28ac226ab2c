<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\MediumLot;
use Tests\Core\Rules\RuleTestCase;

/** No light metal into media that has seen steel or rust. */
final class IronInLightMetalDustTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'aluminum after steel' => [
                true,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet'), ironFrom: ['grate']))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
            'aluminum, clean media' => [
                false,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet')))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
            'stainless after steel: a warning only' => [
                false,
                ['floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet'), ironFrom: ['grate']))]
                + self::routed(['metal' => 'stainless_steel'], 'blast'),
            ],
        ];
    }
}

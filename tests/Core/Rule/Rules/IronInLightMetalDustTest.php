<?php

declare(strict_types=1);

namespace Tests\Core\Rule\Rules;

use Aenum\Core\Blast\Media;
use Aenum\Core\Job\Floor;
use Aenum\Core\Job\MediumLot;
use Tests\Core\Rule\RuleTestCase;

/** No light metal into media that has seen steel or rust. */
final class IronInLightMetalDustTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'aluminum after steel' => [
                true,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet'), ironFrom: ['grate']))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
            'aluminum, clean media' => [
                false,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet')))]
                + self::routed(['metal' => 'aluminium'], 'blast'),
            ],
            'stainless after steel: a warning only' => [
                false,
                ['floor' => new Floor(lot: new MediumLot(Media::get('garnet'), ironFrom: ['grate']))]
                + self::routed(['metal' => 'stainless_steel'], 'blast'),
            ],
        ];
    }
}

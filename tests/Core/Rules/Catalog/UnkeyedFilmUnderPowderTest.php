<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A sound old film is abraded or swept before powder goes on it. */
final class UnkeyedFilmUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'sound, left smooth' => [
                true,
                self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'wash', 'coat'),
            ],
            'sound, abraded' => [
                false,
                self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'hand_abrade', 'coat'),
            ],
            'sound, swept' => [
                false,
                self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'sweep_blast', 'coat'),
            ],
            'sound, swept, and gone with a stripper' => [
                false,
                self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'strip_chemical', 'coat'),
            ],
            'not sound: another rule stops it' => [false, self::routed(['on_it' => ['paint']], 'wash', 'coat')],
        ];
    }
}

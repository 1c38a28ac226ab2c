<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** An old film stays only where somebody has found it sound. */
final class UnsoundFilmUnderPowderTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'old powder, strip and blast crossed out' => [
                true,
                self::routed(['on_it' => ['old_powder']], 'wash', 'coat'),
            ],
            'factory clear under primer' => [
                true,
                self::routed(['metal' => 'aluminium', 'on_it' => ['factory_clear']], 'wash', 'coat'),
            ],
            'paint, swept but not checked' => [true, self::routed(['on_it' => ['paint']], 'sweep_blast', 'coat')],
            'paint, checked and swept' => [
                false,
                self::routed(['on_it' => ['paint'], 'old_primer_tight' => true], 'sweep_blast', 'coat'),
            ],
            'stripped' => [false, self::routed(['on_it' => ['two_part_paint']], 'strip_chemical', 'coat')],
            'rust stripper on paint' => [true, self::routed(['on_it' => ['paint']], 'acid', 'coat')],
            'blasted' => [false, self::routed(['on_it' => ['old_powder', 'paint']], 'blast', 'coat')],
        ];
    }
}

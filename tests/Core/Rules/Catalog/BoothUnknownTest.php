<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** What nobody has recorded of the booth is asked for. */
final class BoothUnknownTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'nothing recorded' => [true, []],
            'only the velocity' => [true, ['equipment' => ['booth_face_m_s' => 0.5]]],
            'both' => [false, ['equipment' => ['booth_face_m_s' => 0.5, 'gun_interlocked' => false]]],
        ];
    }
}

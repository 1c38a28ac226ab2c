<?php

declare(strict_types=1);

namespace Tests\Core\Rule\Rules;

use Tests\Core\Rule\RuleTestCase;

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

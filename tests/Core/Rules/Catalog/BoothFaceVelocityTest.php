<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** 0.5 m/s into the booth is usual. */
final class BoothFaceVelocityTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            '0.49 m/s' => [true, ['equipment' => ['booth_face_m_s' => 0.49]]],
            '0.50 m/s' => [false, ['equipment' => ['booth_face_m_s' => 0.5]]],
            'not known: a note asks for it' => [false, ['equipment' => ['gun_interlocked' => true]]],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** A gun without interlock is signed for. */
final class GunInterlockTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'not interlocked' => [true, ['equipment' => ['gun_interlocked' => false]]],
            'interlocked' => [false, ['equipment' => ['gun_interlocked' => true]]],
            'not known: a note asks for it' => [false, ['equipment' => ['booth_face_m_s' => 0.5]]],
        ];
    }
}

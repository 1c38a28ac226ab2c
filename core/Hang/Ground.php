<?php

declare(strict_types=1);

namespace Aenum\Core\Hang;

use Aenum\Core\Unit\Check;

/** Part to earth, measured before spraying. */
final class Ground
{
    /** More than this and powder does not let go of its charge, Ω. */
    public const MOST_OHM = 1e6;

    /** Worth cleaning hooks for, Ω. */
    private const DIRTY_OHM = 1e5;

    /** @return array{ok: bool, says: string} */
    public static function judge(float $ohm): array
    {
        Check::between('ohm', $ohm, 0, 1e12);

        return match (true) {
            $ohm > self::MOST_OHM => ['ok' => false, 'says' => 'Over 1 MΩ: do not spray. Strip the hooks, bare the contact, check the rail to earth.'],
            $ohm > self::DIRTY_OHM => ['ok' => true, 'says' => 'Under 1 MΩ, but the hooks are getting dirty: strip them soon.'],
            default => ['ok' => true, 'says' => 'Good earth.'],
        };
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Racking;

use Aenum\Core\Units\Check;

/** Part to earth, measured before spraying. */
enum Ground
{
    /** At this and over, powder does not let go of its charge and the part sparks, Ω (usual limit of the trade). */
    public const LIMIT_OHM = 1e6;

    /** Worth cleaning hooks for, Ω. House figure. */
    public const DIRTY_OHM = 1e5;

    case Good;
    case Dirty;
    case Bad;

    /**
     * @param  float  $ohm  part to earth, 0 to 1e12
     *
     * @throws \Aenum\Core\Units\InvalidInput where it is no resistance
     */
    public static function of(float $ohm): self
    {
        Check::between('ohm', $ohm, 0, 1e12);

        return match (true) {
            $ohm >= self::LIMIT_OHM => self::Bad,
            $ohm > self::DIRTY_OHM => self::Dirty,
            default => self::Good,
        };
    }

    /** A resistance as a person reads it. */
    public static function words(float $ohm): string
    {
        return match (true) {
            $ohm >= self::DIRTY_OHM => number_format($ohm / 1e6, 2, '.', '').' MΩ',
            $ohm >= 1000 => round($ohm / 1000, 1).' kΩ',
            default => round($ohm, 1).' Ω',
        };
    }

    /** Whether the part may be sprayed. */
    public function passes(): bool
    {
        return $this !== self::Bad;
    }

    /** What it means, and what to do. */
    public function says(): string
    {
        return match ($this) {
            self::Bad => '1 MΩ or more: do not spray. Strip the hooks, bare the contact, check the rail to ground.',
            self::Dirty => 'Under 1 MΩ, but the hooks are getting dirty: strip them soon.',
            self::Good => 'Good ground.',
        };
    }
}

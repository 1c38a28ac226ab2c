<?php

declare(strict_types=1);

namespace App\Application\Simulated;

use App\Application\Models\Spraying;

/** A simulated bench scale: what was tipped in, and what comes back. */
final class SimulatedScale
{
    /** A hand tips in a little more than asked. */
    private const OVER = 1.02;

    /** This shop's powder lands a little worse than the book has it. */
    private const LANDS = 0.93;

    /** g, to whole grams. */
    public function weighedOut(float $askedG): float
    {
        return round(self::OVER * $askedG);
    }

    /** g left in the cup after a spraying, to whole grams. */
    public function cameBack(Spraying $spraying): float
    {
        return round(max(0.0, ($spraying->weighed_g ?? 0.0) - $spraying->planned_g / self::LANDS));
    }
}

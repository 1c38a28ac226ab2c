<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

/** How hot a surface may get, and what says so. */
final readonly class PeakLimit
{
    /** A computed curve keeps to its limit within this, K. */
    private const WITHIN_K = 0.05;

    /** @param  string  $why  what holds it, as it stands in a sentence: "its metal, zinc", "the sheet of ..." */
    public function __construct(public float $celsius, public string $why)
    {
    }

    /** The lowest of some; null where there is none. */
    public static function least(?self ...$limits): ?self
    {
        $limits = array_values(array_filter($limits));
        usort($limits, fn (self $a, self $b): int => $a->celsius <=> $b->celsius);

        return $limits[0] ?? null;
    }

    /** Whether a surface that gets so hot is past it. */
    public function isPassedBy(float $peakC): bool
    {
        return $peakC > $this->celsius + self::WITHIN_K;
    }
}

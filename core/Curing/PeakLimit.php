<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** How hot a surface may get, and what says so. */
final readonly class PeakLimit
{
    /** Rounding of the arithmetic, K: a surface never passes its limit, not even by a twentieth of a degree. */
    private const ROUNDING_K = 1e-6;

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
        return $peakC > $this->celsius + self::ROUNDING_K;
    }
}

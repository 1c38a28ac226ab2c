<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;

/**
 * A share of so many, and between what it lies with 95 % confidence (Wilson's score interval, 1927).
 *
 * It stays inside 0 to 1 and says something of 0 of 3 as well, where the plain interval is nonsense.
 */
final readonly class Wilson
{
    /** Two-sided 95 % of the normal distribution. */
    private const Z = 1.959963984540054;

    private function __construct(
        public int $of,
        public int $n,
        public float $share,
        public float $low,
        public float $high,
    ) {
    }

    /**
     * @param  int  $of  0 to n
     * @param  int  $n  1 to 10⁹
     */
    public static function of(int $of, int $n): self
    {
        Check::between('n', $n, 1, 1e9);
        Check::between('of', $of, 0, $n);
        $share = $of / $n;
        $z2 = self::Z ** 2;
        $middle = ($share + $z2 / (2 * $n)) / (1 + $z2 / $n);
        $half = self::Z * sqrt($share * (1 - $share) / $n + $z2 / (4 * $n * $n)) / (1 + $z2 / $n);

        return new self($of, $n, $share, max(0.0, $middle - $half), min(1.0, $middle + $half));
    }
}

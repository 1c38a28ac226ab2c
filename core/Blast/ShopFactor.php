<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Unit\Check;

/**
 * How this shop's blasting minutes compare with the planned ones, learned from what was logged.
 *
 * ln f = Σ ln(actual/planned)/(n + 3): three imagined logs at 1 keep the first ones from swinging it. f multiplies
 * minutes, so it divides the cleaning rate.
 */
final readonly class ShopFactor
{
    private const IMAGINED = 3;

    private const ENOUGH = 5;

    /** Standard deviation of ln(actual/planned) before anything is logged. House figure. */
    private const PRIOR_DEVIATION = 0.35;

    private function __construct(public float $factor, public int $logs, private float $deviation)
    {
    }

    /** @param  list<array{float, float}>  $logs  planned and actual minutes, planned without the factor */
    public static function from(array $logs): self
    {
        $ratios = array_map(
            fn (array $log): float => log(
                Check::above('actual', $log[1], 0, 10080) / Check::above('planned', $log[0], 0, 1e6),
            ),
            $logs,
        );
        $n = count($ratios);
        $lnF = array_sum($ratios) / ($n + self::IMAGINED);
        $spread =
            array_sum(array_map(fn (float $r): float => ($r - $lnF) ** 2, $ratios)) +
            self::IMAGINED * self::PRIOR_DEVIATION ** 2;

        return new self(exp($lnF), $n, sqrt($spread / ($n + self::IMAGINED)));
    }

    /**
     * Minutes between which two in three of the blasts planned at so many end.
     *
     * @return array{float, float}
     */
    public function between(float $minutes): array
    {
        return [$minutes * exp(-$this->deviation), $minutes * exp($this->deviation)];
    }

    /** Whether enough is logged that a share of them may be told. */
    public function isMeasured(): bool
    {
        return $this->logs >= self::ENOUGH;
    }

    /** How far the plan may be trusted, in words. */
    public function trust(): string
    {
        return match (true) {
            $this->logs === 0 => 'Nothing is logged yet: general practice only.',
            ! $this->isMeasured() => "{$this->logs} logged so far: a first idea.",
            $this->deviation < 0.2 => "{$this->logs} logged, and they agree well.",
            default => "{$this->logs} logged, and they differ a good deal.",
        };
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;

/**
 * How this shop's times compare with standard ones, learned from logged pairs of planned and actual.
 *
 * With r = ln(actual/planned), ln f = Σ r/(n + k), k = σ²/0.25² and σ² = (2·0.3² + Σ(r − mean r)²)/(n + 2): one log
 * counts about half, ten that agree 98 %. f multiplies minutes, so it divides a cleaning rate. The same rule learns
 * transfer efficiency, shrinkage and quoted labor.
 */
final readonly class ShopFactor
{
    /** How far a shop's ln f lies from 0 before anything is logged, one standard deviation. House figure. */
    private const SHOP_DEVIATION = 0.25;

    /** Deviation of one log's ln(actual/planned) from its shop's own ln f, before anything is logged. House figure. */
    private const LOG_DEVIATION = 0.3;

    /** That first guess counts as this many logs. House figure. */
    private const GUESS_COUNTS = 2;

    private const ENOUGH = 5;

    /** Logs that stand closer together than this, one standard deviation of ln, agree. House figure. */
    private const AGREES = 0.2;

    private function __construct(public float $factor, public int $logs, private float $deviation)
    {
    }

    /**
     * Learns from logs.
     *
     * @param  list<array{float, float}>  $logs  planned and actual, in one unit and above 0; planned without the factor
     *
     * @throws \Aenum\Core\Units\InvalidInput where a log is not above 0
     */
    public static function from(array $logs): self
    {
        $ratios = array_map(
            fn (array $log): float => log(
                Check::above('actual', $log[1], 0, 10080) / Check::above('planned', $log[0], 0, 1e6),
            ),
            $logs,
        );
        $n = count($ratios);
        $mean = $n === 0 ? 0.0 : array_sum($ratios) / $n;
        $squares = array_sum(array_map(fn (float $r): float => ($r - $mean) ** 2, $ratios));
        $variance = (self::GUESS_COUNTS * self::LOG_DEVIATION ** 2 + $squares) / ($n + self::GUESS_COUNTS);
        $weight = $n + $variance / self::SHOP_DEVIATION ** 2;

        // The next log strays from the factor, and the factor from the truth.
        return new self(exp(array_sum($ratios) / $weight), $n, sqrt($variance * (1 + 1 / $weight)));
    }

    /**
     * Returns the minutes between which two in three of the jobs planned at so many end.
     *
     * @return array{float, float}
     */
    public function between(float $minutes): array
    {
        return [$minutes * exp(-$this->deviation), $minutes * exp($this->deviation)];
    }

    /** Returns whether enough is logged that a share of them may be quoted. */
    public function isMeasured(): bool
    {
        return $this->logs >= self::ENOUGH;
    }

    /** Returns how far the plan may be trusted, as a sentence. */
    public function trust(): string
    {
        return match (true) {
            $this->logs === 0 => 'No jobs logged yet: standard times only.',
            ! $this->isMeasured() => "From {$this->logs} logged ".($this->logs === 1 ? 'job' : 'jobs').' so far.',
            $this->deviation < self::AGREES => "{$this->logs} jobs logged, close together.",
            default => "{$this->logs} jobs logged, widely spread.",
        };
    }
}

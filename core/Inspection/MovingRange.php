<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/**
 * A chart of individuals and moving ranges: whether what is measured one by one still comes from where it came from.
 *
 * Limits are of the first TO_SET values: mean ± 3·R̄/1.128 and, for the range itself, 3.267·R̄ (constants d2 and D4 for
 * ranges of two, from the tables of control charts). Fewer values set no limits: nothing is judged by guesses.
 */
final readonly class MovingRange
{
    public const TO_SET = 20;

    /** d2 of ranges of two. */
    private const D2 = 1.128;

    /** D4 of ranges of two. */
    private const D4 = 3.267;

    /** So many in a row on one side of the middle are no chance: one in 128. */
    public const RUN = 8;

    /** @param  list<float>  $values  in their order */
    private function __construct(
        public array $values,
        public ?float $middle,
        public ?float $low,
        public ?float $high,
        public ?float $mostRange,
    ) {
    }

    /** @param  list<float>  $values  in the order they were measured */
    public static function of(array $values): self
    {
        if (count($values) < self::TO_SET) {
            return new self($values, null, null, null, null);
        }
        $first = array_slice($values, 0, self::TO_SET);
        $ranges = [];
        for ($n = 1; $n < self::TO_SET; $n++) {
            $ranges[] = abs($first[$n] - $first[$n - 1]);
        }
        $middle = array_sum($first) / self::TO_SET;
        $range = array_sum($ranges) / count($ranges);
        $reach = 3 * $range / self::D2;

        return new self($values, $middle, $middle - $reach, $middle + $reach, self::D4 * $range);
    }

    /** Whether there were enough to set limits by. */
    public function isSet(): bool
    {
        return $this->middle !== null;
    }

    /** How the latest values drift; null where they do not, or nothing is set, or none came after the first. */
    public function drift(): ?Drift
    {
        $n = count($this->values);
        if ($this->middle === null || $n <= self::TO_SET) {
            return null;
        }
        $last = $this->values[$n - 1];
        $run = 0;
        for ($at = $n - 1; $at >= self::TO_SET; $at--) {
            $side = $this->values[$at] <=> $this->middle;
            if ($side === 0 || $side !== ($last <=> $this->middle)) {
                break;
            }
            $run++;
        }

        return match (true) {
            $last > $this->high => Drift::Above,
            $last < $this->low => Drift::Below,
            abs($last - $this->values[$n - 2]) > $this->mostRange => Drift::Jump,
            $run >= self::RUN => $last > $this->middle ? Drift::RunAbove : Drift::RunBelow,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** What one thermocouple of a logger showed in a run. */
final readonly class ThermocoupleLog
{
    /** The air. */
    public const AIR = -1;

    /** Samples of one couple that go into a fit. */
    private const MOST = 600;

    /** Samples closer together than this are averaged, s; over longer the curve bends. */
    private const TOGETHER_S = 10.0;

    /**
     * @param  int  $item  position in the load, or AIR
     * @param  list<float>  $seconds  of the run by the logger's clock, rising
     * @param  list<float>  $celsius
     */
    private function __construct(public int $item, public array $seconds, public array $celsius)
    {
    }

    /**
     * @param  list<array{float, float}>  $samples  s of the run, °C
     */
    public static function of(int $item, array $samples): self
    {
        usort($samples, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $groups = [];
        $begins = -INF;
        foreach ($samples as $sample) {
            if ($sample[0] - $begins >= self::TOGETHER_S) {
                $groups[] = [];
                $begins = $sample[0];
            }
            $groups[count($groups) - 1][] = $sample;
        }
        $every = max(1, (int) ceil(count($groups) / self::MOST));
        $groups = array_values(array_filter($groups, fn (int $n): bool => $n % $every === 0, ARRAY_FILTER_USE_KEY));
        $mean = fn (int $column): array => array_map(
            fn (array $group): float => array_sum(array_column($group, $column)) / count($group),
            $groups,
        );

        return new self($item, $mean(0), $mean(1));
    }
}

<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;

/** Curves of a batch in one bake: cores, air, and the foot of the cure window. */
final readonly class BatchCurveChart
{
    public const WIDE = 300;

    public const HIGH = 92;

    private const LEFT = 34;

    private const FOOT = 76;

    private const TOP = 8;

    /**
     * @param  list<float>  $minutes
     * @param  list<float>  $air
     * @param  list<array{name: string, core_c: list<float>}>  $parts
     */
    private function __construct(
        private array $minutes,
        private array $air,
        private array $parts,
        private ?float $windowC,
        private Units $units,
    ) {
    }

    /** @param  array<string, mixed>  $curve  as a record keeps it; null where it holds none */
    public static function of(array $curve, Units $units): ?self
    {
        $floats = fn (mixed $list): array => array_values(array_map(floatval(...), is_array($list) ? $list : []));
        $parts = [];
        foreach (is_array($curve['parts'] ?? null) ? $curve['parts'] : [] as $part) {
            $parts[] = ['name' => (string) ($part['name'] ?? ''), 'core_c' => $floats($part['core_c'] ?? [])];
        }
        $minutes = $floats($curve['minutes'] ?? []);
        $window = isset($curve['window_c']) ? (float) $curve['window_c'] : null;

        return count($minutes) < 2 || $parts === []
            ? null
            : new self($minutes, $floats($curve['air_c'] ?? []), $parts, $window, $units);
    }

    public function label(): string
    {
        $words = array_map(
            fn (array $part): string => $part['name'].' up to '.$this->units->temp(max([0.0, ...$part['core_c']])),
            $this->parts,
        );

        return 'Part metal over '.round(max([0.0, ...$this->minutes])).' minutes: '.implode(', ', $words);
    }

    /** @return list<array{x: float, y: float}> */
    public function air(): array
    {
        return $this->points($this->air);
    }

    /** @return list<list<array{x: float, y: float}>> */
    public function cores(): array
    {
        return array_map(fn (array $part): array => $this->points($part['core_c']), $this->parts);
    }

    /** @return array{y: float, label: string}|null */
    public function window(): ?array
    {
        return $this->windowC === null
            ? null
            : ['y' => $this->y($this->windowC), 'label' => $this->units->temp($this->windowC)];
    }

    /** @return list<array{y: float, label: string}> */
    public function temperatures(): array
    {
        $ticks = $this->units->isMetric() ? [100, 200] : [200, 400];

        return array_map(fn (int $shown): array => [
            'y' => $this->y(Dimension::Temperature->parse('tick', (string) $shown, $this->units->system)),
            'label' => "{$shown}°",
        ], $ticks);
    }

    /** @return array{x: float, label: string} where the curve ends: the pull */
    public function end(): array
    {
        return ['x' => $this->x(max([0.0, ...$this->minutes])), 'label' => round(max([0.0, ...$this->minutes])).' min'];
    }

    /** @param  list<array{x: float, y: float}>  $points */
    public static function path(array $points): string
    {
        return implode(' ', array_map(fn (array $one): string => "{$one['x']},{$one['y']}", $points));
    }

    /**
     * @param  list<float>  $celsius
     * @return list<array{x: float, y: float}>
     */
    private function points(array $celsius): array
    {
        $points = [];
        foreach ($celsius as $n => $c) {
            if (isset($this->minutes[$n])) {
                $points[] = ['x' => $this->x($this->minutes[$n]), 'y' => $this->y($c)];
            }
        }

        return $points;
    }

    private function x(float $minute): float
    {
        [$from, $to] = [min([INF, ...$this->minutes]), max([0.0, ...$this->minutes])];

        return round(self::LEFT + (self::WIDE - self::LEFT - 8) * ($minute - $from) / max(1e-6, $to - $from), 1);
    }

    private function y(float $celsius): float
    {
        $most = max([220.0, ...$this->air]);

        return round(self::FOOT - (self::FOOT - self::TOP) * max(0.0, $celsius) / $most, 1);
    }
}

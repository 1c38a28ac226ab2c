<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\MovingRange;

/** An individuals chart with limits from the first twenty values. */
final readonly class DriftChart
{
    public const WIDE = 420;

    public const HIGH = 120;

    private const LEFT = 44;

    private const PAD = 14;

    private function __construct(public string $name, public MovingRange $chart, private float $from, private float $to)
    {
    }

    /** @param  non-empty-list<float>  $values */
    public static function of(string $name, array $values): self
    {
        $chart = MovingRange::of($values);
        $all = array_filter([...$values, $chart->low, $chart->high], fn (?float $one): bool => $one !== null);
        [$least, $most] = [min([INF, ...$all]), max([-INF, ...$all])];
        $room = 0.08 * max(1e-6, $most - $least);

        return new self($name, $chart, $least - $room, $most + $room);
    }

    public function label(): string
    {
        $drift = $this->chart->drift();

        return "{$this->name}: ".count($this->chart->values).' values, '.match (true) {
            ! $this->chart->isSet() => 'too few to set limits by',
            $drift === null => 'no drift',
            default => $drift->says(),
        };
    }

    /** @return list<array{y: float, says: string, isLimit: bool}> middle and limits; none before there are enough */
    public function lines(): array
    {
        $lines = [];
        foreach ([[$this->chart->high, true], [$this->chart->middle, false], [$this->chart->low, true]] as [$at, $is]) {
            if ($at !== null) {
                $lines[] = ['y' => $this->y($at), 'says' => number_format($at, 2), 'isLimit' => $is];
            }
        }

        return $lines;
    }

    /** @return list<array{x: float, y: float, isOut: bool}> */
    public function points(): array
    {
        $n = max(1, count($this->chart->values) - 1);
        $chart = $this->chart;

        return array_map(fn (float $value, int $at): array => [
            'x' => round(self::LEFT + (self::WIDE - self::LEFT - self::PAD) * $at / $n, 1),
            'y' => $this->y($value),
            'isOut' => $chart->isSet() && ($value > $chart->high || $value < $chart->low),
        ], $chart->values, array_keys($chart->values));
    }

    public function line(): string
    {
        return implode(' ', array_map(fn (array $one): string => "{$one['x']},{$one['y']}", $this->points()));
    }

    private function y(float $value): float
    {
        $share = ($value - $this->from) / max(1e-9, $this->to - $this->from);

        return round(self::HIGH - self::PAD - (self::HIGH - 2 * self::PAD) * $share, 1);
    }
}

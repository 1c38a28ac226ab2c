<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Units\Constant;
use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;
use Closure;

/** The chart of a load: air, shell and items over time, with the cure window and the moments that matter. */
final readonly class OvenChart
{
    public const WIDTH = 840;

    public const HEIGHT = 415;

    private const LEFT = 54;

    private const RIGHT = 140;

    private const TOP = 40;

    private const BOTTOM = 44;

    private const POINTS = 110;

    private const TABLE_ROWS = 60;

    private const NAME_LENGTH = 17;

    /** Stroke patterns tell the items apart, so that colour is free to mean temperature. */
    private const DASHES = ['', '10 4', '3 3', '14 4 3 4', '6 3 1 3 1 3', '20 5', '2 6', '8 2 2 2'];

    private float $topC;

    public function __construct(private OvenChartData $picture, private Units $units)
    {
        $this->topC = max(20 * ceil((max([$picture->setpointC, ...$this->peaks()]) + 12) / 20), 120);
    }

    public function title(): string
    {
        return $this->picture->title;
    }

    public function description(): string
    {
        return $this->picture->description;
    }

    /** @return list<ChartCurve> */
    public function curves(): array
    {
        $run = $this->picture->run;
        $curves = [
            $this->curve('air', 'air', '1 4', $run->airC(...)),
            $this->curve('oven shell', 'shell', '1 7', $run->shellC(...)),
        ];
        foreach ($this->picture->names as $i => $name) {
            $dash = self::DASHES[$i % count(self::DASHES)];
            $curves[] = $this->curve($name, 'part', $dash, fn (float $s): float => $run->coreC($i, $s));
        }

        return $this->spread($curves);
    }

    /** @return list<array{y: float, label: string}> round figures in the reader's unit */
    public function temperatures(): array
    {
        $system = $this->units->system;
        $most = Dimension::Temperature->in($this->topC, $system);
        $step = $most > 300 ? 100 : 50;
        $ticks = [];
        for ($shown = $step; $shown <= $most; $shown += $step) {
            $celsius = Dimension::Temperature->parse('tick', (string) $shown, $system);
            $ticks[] = ['y' => $this->y($celsius), 'label' => "{$shown}°"];
        }

        return $ticks;
    }

    /** @return list<array{x: float, label: string}> minutes after the door shut */
    public function minutes(): array
    {
        $span = $this->picture->endS / 60;
        $step = match (true) {
            $span <= 35 => 5,
            $span <= 75 => 10,
            $span <= 190 => 20,
            $span <= 400 => 60,
            default => 120,
        };
        $ticks = [];
        for ($minute = 0; $minute * 60 + $this->picture->doorS <= $this->picture->endS; $minute += $step) {
            $ticks[] = ['x' => $this->x($minute * 60 + $this->picture->doorS), 'label' => (string) $minute];
        }

        return $ticks;
    }

    /** @return array{x: float, width: float, label: string}|null */
    public function window(): ?array
    {
        $window = $this->picture->window;
        if ($window === null || $window['from'] >= $this->picture->endS || $window['to'] <= $window['from']) {
            return null;
        }
        $from = $this->x($window['from']);

        return [
            'x' => $from,
            'width' => $this->x(min($this->picture->endS, $window['to'])) - $from,
            'label' => $window['label'],
        ];
    }

    /** @return array{y: float, label: string} the temperature that counts, as a line */
    public function line(): array
    {
        return ['y' => $this->y($this->picture->lineC), 'label' => $this->picture->lineLabel];
    }

    /** @return list<array{kind: string, x: float, label: string, row: int}> */
    public function marks(): array
    {
        $marks = array_filter(
            $this->picture->marks,
            fn (array $mark): bool => $mark['second'] <= $this->picture->endS,
        );
        usort($marks, fn (array $a, array $b): int => $a['second'] <=> $b['second']);
        $placed = [];
        $reach = [-INF, -INF];
        foreach ($marks as $mark) {
            $x = $this->x($mark['second']);
            $row = $x < $reach[0] && $x >= $reach[1] ? 1 : 0;
            $reach[$row] = $x + 8.6 * mb_strlen($mark['label']) + 12;
            $placed[] = ['kind' => $mark['kind'], 'x' => $x, 'label' => $mark['label'], 'row' => $row];
        }

        return $placed;
    }

    /** @return list<array{x: float, low: float, high: float, y: float, label: string}> with how far each may be off */
    public function readings(): array
    {
        return array_map(
            fn (array $reading): array => [
                'x' => $this->x($reading['second']),
                'y' => $this->y($reading['celsius']),
                'low' => $this->y($reading['celsius'] - Constant::READING_SIGMA_K),
                'high' => $this->y($reading['celsius'] + Constant::READING_SIGMA_K),
                'label' => $reading['label'],
            ],
            $this->picture->readings,
        );
    }

    /** x of the present moment while it runs. */
    public function nowX(): ?float
    {
        $now = $this->picture->nowS;

        return $now === null || $now > $this->picture->endS ? null : $this->x($now);
    }

    /**
     * The curves as a table: behind the picture, and what the pointer reads.
     *
     * @return list<array{x: float, minute: string, values: list<string>}>
     */
    public function table(): array
    {
        $run = $this->picture->run;
        $rows = [];
        for ($n = 0; $n <= self::TABLE_ROWS; $n++) {
            $s = ($this->picture->endS * $n) / self::TABLE_ROWS;
            $parts = array_map(fn (int $i): float => $run->coreC($i, $s), array_keys($this->picture->names));
            $rows[] = [
                'x' => round($this->x($s), 2),
                'minute' => number_format(($s - $this->picture->doorS) / 60, 1),
                'values' => array_map($this->units->temp(...), [$run->airC($s), $run->shellC($s), ...$parts]),
            ];
        }

        return $rows;
    }

    /** @return list<string> names of the items, as the table's columns */
    public function names(): array
    {
        return $this->picture->names;
    }

    /**
     * @return list<array{offset: float, key: string}> stops of the temper scale from the bottom of the picture to its
     *      top
     */
    public function temper(): array
    {
        return array_map(
            fn (array $stop): array => ['offset' => round(min(1, $stop[0] / $this->topC), 4), 'key' => $stop[1]],
            TemperScale::STOPS,
        );
    }

    /** @return array{left: float, right: float, top: float, bottom: float, width: float, height: float} */
    public function frame(): array
    {
        $right = self::WIDTH - self::RIGHT;
        $bottom = self::HEIGHT - self::BOTTOM;

        return [
            'left' => self::LEFT,
            'right' => $right,
            'top' => self::TOP,
            'bottom' => $bottom,
            'width' => $right - self::LEFT,
            'height' => $bottom - self::TOP,
        ];
    }

    /** @param  Closure(float): float  $at */
    private function curve(string $name, string $kind, string $dash, Closure $at): ChartCurve
    {
        $end = $this->picture->endS;
        $short = mb_strlen($name) > self::NAME_LENGTH ? mb_substr($name, 0, self::NAME_LENGTH).'…' : $name;

        return new ChartCurve($short, $kind, $dash, $this->path($at), $this->x($end), $this->y($at($end)));
    }

    /** @param  Closure(float): float  $at */
    private function path(Closure $at): string
    {
        $path = '';
        for ($n = 0; $n <= self::POINTS; $n++) {
            // Closer together early, where the curves bend.
            $s = $this->picture->endS * ($n / self::POINTS) ** 1.5;
            $path .= ($n === 0 ? 'M' : 'L').round($this->x($s), 1).' '.round($this->y($at($s)), 1);
        }

        return $path;
    }

    /** @return list<float> */
    private function peaks(): array
    {
        $air = fn (int $n): float => $this->picture->run->airC(($this->picture->endS * $n) / 40);

        return array_map($air, range(0, 40));
    }

    private function x(float $second): float
    {
        return self::LEFT + ($second / max(1.0, $this->picture->endS)) * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    private function y(float $celsius): float
    {
        $high = self::HEIGHT - self::TOP - self::BOTTOM;

        return self::HEIGHT - self::BOTTOM - (max(0.0, $celsius) / $this->topC) * $high;
    }

    /**
     * Moves end labels apart so that none covers another.
     *
     * @param  list<ChartCurve>  $curves
     * @return list<ChartCurve>
     */
    private function spread(array $curves): array
    {
        $order = array_keys($curves);
        usort($order, fn (int $a, int $b): int => $curves[$a]->endY <=> $curves[$b]->endY);
        $gap = count($curves) > 14 ? 13.0 : 18.0;
        $y = self::TOP - $gap;
        $at = [];
        foreach ($order as $i) {
            $at[$i] = $y = max($y + $gap, $curves[$i]->endY + 5);
        }
        $over = max(0.0, $y - (self::HEIGHT - self::BOTTOM));

        return array_map(fn (int $i): ChartCurve => $curves[$i]->labelledAt($at[$i] - $over), array_keys($curves));
    }
}

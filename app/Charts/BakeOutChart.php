<?php

declare(strict_types=1);

namespace App\Charts;

use App\Actions\BakeOut\BakeOutBoard;

/** The picture of a bake-out: air and every bare part over time on the temper scale, the hold shaded, the pull marked. */
final readonly class BakeOutChart
{
    public const WIDTH = 840;

    public const HEIGHT = 330;

    private const LEFT = 54;

    private const RIGHT = 140;

    private const TOP = 26;

    private const BOTTOM = 44;

    private const DASHES = ['', '10 4', '3 3', '14 4 3 4', '6 3 1 3 1 3', '20 5'];

    private float $endS;

    private float $topC;

    public function __construct(private BakeOutBoard $board)
    {
        $this->endS = $board->plan->run->endS();
        $this->topC = 20 * ceil(($board->load->setpoint_c + 16) / 20);
    }

    /** @return list<array{name: string, kind: string, path: string, dash: string, endX: float, endY: float}> */
    public function curves(): array
    {
        $run = $this->board->plan->run;
        $curves = [$this->curve('air', 'air', '1 4', $run->airC(...))];
        foreach ($this->board->items as $n => $item) {
            $curves[] = $this->curve($item->part->name, 'part', self::DASHES[$n % count(self::DASHES)], fn (float $s): float => $run->coreC($n, $s));
        }
        usort($curves, fn (array $a, array $b): int => $a['endY'] <=> $b['endY']);
        foreach (array_keys($curves) as $n) {
            if ($n > 0) {
                $curves[$n]['endY'] = max($curves[$n]['endY'], $curves[$n - 1]['endY'] + 18);
            }
        }

        return $curves;
    }

    /** @return list<array{y: float, celsius: float}> */
    public function temperatures(): array
    {
        return array_map(fn (float $c): array => ['y' => $this->y($c), 'celsius' => $c], array_map(floatval(...), range(50, (int) $this->topC, 50)));
    }

    /** @return list<array{x: float, minute: int}> minutes after the door shut */
    public function minutes(): array
    {
        $step = $this->endS > 7200 ? 30 : 10;
        $ticks = [];
        for ($minute = 0; 60 * $minute + $this->board->load->door_open_s <= $this->endS; $minute += $step) {
            $ticks[] = ['x' => $this->x(60 * $minute + $this->board->load->door_open_s), 'minute' => $minute];
        }

        return $ticks;
    }

    /**
     * From the moment the slowest metal is hot enough to the end of its hold.
     *
     * @return array{x: float, width: float}|null
     */
    public function hold(): ?array
    {
        $slowest = $this->board->plan->items[$this->board->plan->decides];
        if ($slowest['reaches'] === null) {
            return null;
        }
        $to = min($this->endS, 60 * ($slowest['done'] ?? $this->endS / 60));

        return ['x' => $this->x(60 * $slowest['reaches']), 'width' => max(0.0, $this->x($to) - $this->x(60 * $slowest['reaches']))];
    }

    public function targetY(): float
    {
        return $this->y($this->board->load->target_c);
    }

    /** @return array{left: int, right: int, top: int, bottom: int} */
    public function frame(): array
    {
        return ['left' => self::LEFT, 'right' => self::WIDTH - self::RIGHT, 'top' => self::TOP, 'bottom' => self::HEIGHT - self::BOTTOM];
    }

    /** @return list<array{offset: float, key: string}> */
    public function temper(): array
    {
        return array_map(fn (array $stop): array => ['offset' => round(min(1.0, $stop[0] / $this->topC), 3), 'key' => $stop[1]], TemperScale::STOPS);
    }

    /** @return list<array{x: float, minute: int, values: list<float>}> every ten minutes after the door shut: air, then the parts */
    public function table(): array
    {
        $run = $this->board->plan->run;
        $rows = [];
        for ($minute = 0; 60 * $minute + $this->board->load->door_open_s <= $this->endS; $minute += 5) {
            $s = 60 * $minute + $this->board->load->door_open_s;
            $rows[] = ['x' => $this->x($s), 'minute' => $minute, 'values' => [$run->airC($s), ...array_map(fn (int $n): float => $run->coreC($n, $s), array_keys($this->board->items))]];
        }

        return $rows;
    }

    /**
     * @param  \Closure(float): float  $at
     * @return array{name: string, kind: string, path: string, dash: string, endX: float, endY: float}
     */
    private function curve(string $name, string $kind, string $dash, \Closure $at): array
    {
        $path = '';
        for ($n = 0; $n <= 90; $n++) {
            $s = $this->endS * ($n / 90) ** 1.5;
            $path .= ($n === 0 ? 'M' : 'L').round($this->x($s), 1).' '.round($this->y($at($s)), 1);
        }

        return ['name' => $name, 'kind' => $kind, 'path' => $path, 'dash' => $dash, 'endX' => $this->x($this->endS), 'endY' => $this->y($at($this->endS)) + 5];
    }

    private function x(float $second): float
    {
        return self::LEFT + $second / max(1.0, $this->endS) * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    private function y(float $celsius): float
    {
        return self::HEIGHT - self::BOTTOM - max(0.0, $celsius) / $this->topC * (self::HEIGHT - self::TOP - self::BOTTOM);
    }
}

<?php

declare(strict_types=1);

namespace App\Charts;

use Aenum\Core\Unit\Dimension;
use App\Actions\Cure\BakeBoard;
use App\Support\Units;

/**
 * The picture of a bake: air, shell and every item over time, drawn on the temper scale, with the cure window
 * shaded and the moments that matter marked. The view only writes out what is worked out here.
 */
final readonly class BakeChart
{
    public const WIDTH = 840;

    public const HEIGHT = 415;

    private const LEFT = 54;

    private const RIGHT = 140;

    private const TOP = 40;

    private const BOTTOM = 44;

    private const POINTS = 110;

    /** Stroke patterns tell the items apart, so that colour is free to mean temperature. */
    private const DASHES = ['', '10 4', '3 3', '14 4 3 4', '6 3 1 3 1 3', '20 5', '2 6', '8 2 2 2'];

    private float $endS;

    private float $doorS;

    private float $topC;

    public function __construct(private BakeBoard $board, private Units $units)
    {
        $this->endS = $board->outlook->viewS;
        $this->doorS = $board->bake->door_open_s;
        $this->topC = max(
            20 * ceil((max([$board->bake->setpoint_c, ...$this->peaks()]) + 12) / 20),
            120,
        );
    }

    /** @return list<array{name: string, kind: string, path: string, dash: string, endX: float, endY: float, labelY: float, core: bool}> */
    public function curves(): array
    {
        $run = $this->board->outlook->run;
        $curves = [
            ['name' => 'air', 'kind' => 'air', 'dash' => '1 4', 'at' => $run->airC(...)],
            ['name' => 'oven shell', 'kind' => 'shell', 'dash' => '1 7', 'at' => $run->shellC(...)],
        ];
        foreach ($this->board->load->hung as $i => $hung) {
            $curves[] = ['name' => $hung->item->name, 'kind' => 'part', 'dash' => self::DASHES[$i % count(self::DASHES)], 'at' => fn (float $s): float => $run->coreC($i, $s)];
        }
        $drawn = array_map(fn (array $curve): array => [
            'name' => $curve['name'],
            'kind' => $curve['kind'],
            'dash' => $curve['dash'],
            'path' => $this->path($curve['at']),
            'endX' => $this->x($this->endS),
            'endY' => $this->y($curve['at']($this->endS)),
            'labelY' => 0.0,
            'core' => $curve['kind'] === 'part',
        ], $curves);

        return $this->spread($drawn);
    }

    /** @return list<array{celsius: float, y: float, label: string}> */
    public function temperatures(): array
    {
        $us = $this->units->unit(Dimension::Temperature) === '°F';
        $ticks = [];
        for ($shown = $us ? 100 : 50; ; $shown += $us ? 100 : 50) {
            $celsius = $us ? ($shown - 32) / 1.8 : (float) $shown;
            if ($celsius > $this->topC) {
                return $ticks;
            }
            $ticks[] = ['celsius' => $celsius, 'y' => $this->y($celsius), 'label' => "{$shown}°"];
        }
    }

    /** @return list<array{x: float, label: string}> minutes after the door shut */
    public function minutes(): array
    {
        $span = $this->endS / 60;
        $step = match (true) {
            $span <= 35 => 5,
            $span <= 75 => 10,
            $span <= 190 => 20,
            $span <= 400 => 60,
            default => 120,
        };
        $ticks = [];
        for ($minute = 0; $minute * 60 + $this->doorS <= $this->endS; $minute += $step) {
            $ticks[] = ['x' => $this->x($minute * 60 + $this->doorS), 'label' => (string) $minute];
        }

        return $ticks;
    }

    /**
     * The pull window, from ready to spoilt, as a band; null where there is none.
     *
     * @return array{x: float, width: float}|null
     */
    public function window(): ?array
    {
        $look = $this->board->outlook;
        if ($look->readyMinutes === null || 60 * $look->readyMinutes >= $this->endS) {
            return null;
        }
        $to = $look->spoiltMinutes === null ? $this->endS : min($this->endS, 60 * $look->spoiltMinutes);

        return $to <= 60 * $look->readyMinutes ? null : ['x' => $this->x(60 * $look->readyMinutes), 'width' => $this->x($to) - $this->x(60 * $look->readyMinutes)];
    }

    /**
     * The temperature from which cure is counted in the window way, as a line.
     *
     * @return array{y: float, label: string}
     */
    public function windowLine(): array
    {
        $sheet = $this->board->decides()->aim->sheet;
        $celsius = $this->board->decides()->aim->flowOnly ? $sheet->flowPointC() : $sheet->windowC;

        return ['y' => $this->y($celsius), 'label' => ($this->board->decides()->aim->flowOnly ? 'flows from ' : 'cure window from ').$this->units->temp($celsius)];
    }

    /** @return list<array{kind: string, x: float, label: string, row: int}> */
    public function marks(): array
    {
        $board = $this->board;
        $look = $board->outlook;
        $marks = [['kind' => 'door', 'second' => $this->doorS, 'label' => 'door shut']];
        foreach ($board->bake->events as $event) {
            $marks[] = ['kind' => 'event', 'second' => $board->load->second($event->at), 'label' => match ($event->kind) {
                'door' => 'door '.(int) $event->value.' s',
                'setpoint' => 'set '.$this->units->temp((float) $event->value),
                'power_lost' => 'power lost',
                default => 'power back',
            }];
        }
        if ($board->bake->status !== 'pulled' && $board->bake->readings->isEmpty()) {
            $marks[] = ['kind' => 'check', 'second' => 60 * $board->checkRunMinutes(), 'label' => 'check '.number_format($board->sinceShut($board->checkRunMinutes()), 0)];
        }
        $pull = $board->bake->isRunning() ? $look->bestPull() ?? $look->pullMinutes : $look->pullMinutes;
        $marks[] = ['kind' => 'pull', 'second' => 60 * $pull, 'label' => ($board->bake->status === 'pulled' ? 'pulled ' : 'pull ').number_format($board->sinceShut($pull), 0)];
        if ($look->spoiltMinutes !== null) {
            $marks[] = ['kind' => 'spoilt', 'second' => 60 * $look->spoiltMinutes, 'label' => ($board->suffers()->aim->flowOnly ? 'past flow ' : 'limit ').number_format($board->sinceShut($look->spoiltMinutes), 0)];
        }
        $marks = array_filter($marks, fn (array $m): bool => $m['second'] <= $this->endS);
        usort($marks, fn (array $a, array $b): int => $a['second'] <=> $b['second']);
        $placed = [];
        $reach = [-INF, -INF];
        foreach ($marks as $mark) {
            $x = $this->x($mark['second']);
            $row = $x >= $reach[0] ? 0 : ($x >= $reach[1] ? 1 : 0);
            $reach[$row] = $x + 8.6 * mb_strlen($mark['label']) + 12;
            $placed[] = ['kind' => $mark['kind'], 'x' => $x, 'label' => $mark['label'], 'row' => $row];
        }

        return $placed;
    }

    /** @return list<array{x: float, low: float, high: float, y: float, label: string}> */
    public function readings(): array
    {
        $points = [];
        foreach ($this->board->bake->readings as $reading) {
            $points[] = ['x' => $this->x($this->board->load->second($reading->at)), 'y' => $this->y($reading->celsius), 'low' => $this->y($reading->celsius - 4), 'high' => $this->y($reading->celsius + 4), 'label' => "reading on {$reading->item->coat->part->name}: ".$this->units->temp($reading->celsius)];
        }

        return $points;
    }

    /** x of the present moment while the bake runs. */
    public function nowX(): ?float
    {
        $second = 60 * $this->board->nowRunMinutes();

        return $this->board->bake->isRunning() && $second <= $this->endS ? $this->x($second) : null;
    }

    /**
     * The curves as a table, a row every so many minutes: behind the picture, and what the pointer reads.
     *
     * @return list<array{x: float, minute: string, values: list<string>}>
     */
    public function table(): array
    {
        $run = $this->board->outlook->run;
        $rows = [];
        for ($n = 0; $n <= 60; $n++) {
            $s = $this->endS * $n / 60;
            $rows[] = [
                'x' => $this->x($s),
                'minute' => number_format(($s - $this->doorS) / 60, 1),
                'values' => array_map(fn (float $c): string => $this->units->temp($c), [$run->airC($s), $run->shellC($s), ...array_map(fn (int $i): float => $run->coreC($i, $s), array_keys($this->board->load->hung))]),
            ];
        }

        return $rows;
    }

    /**
     * Stops of the temper scale from the bottom of the picture to its top.
     *
     * @return list<array{offset: float, key: string}>
     */
    public function temper(): array
    {
        return array_map(fn (array $stop): array => ['offset' => round(min(1, $stop[0] / $this->topC), 4), 'key' => $stop[1]], TemperScale::STOPS);
    }

    /** @return array{left: float, right: float, top: float, bottom: float} */
    public function frame(): array
    {
        return ['left' => self::LEFT, 'right' => self::WIDTH - self::RIGHT, 'top' => self::TOP, 'bottom' => self::HEIGHT - self::BOTTOM];
    }

    public function describe(): string
    {
        $look = $this->board->outlook;

        return sprintf(
            'Predicted temperatures over %d minutes at a setpoint of %s. %s; pull at minute %.0f after the door shuts.',
            (int) ($this->endS / 60), $this->units->temp($this->board->bake->setpoint_c),
            implode('; ', array_map(fn (int $i): string => $this->board->load->hung[$i]->item->name.' '.$this->units->temp($look->run->coreC($i, 60 * $look->pullMinutes)).' at the pull', array_keys($this->board->load->hung))),
            $this->board->sinceShut($look->pullMinutes),
        );
    }

    /** @param  \Closure(float): float  $at */
    private function path(\Closure $at): string
    {
        $path = '';
        for ($n = 0; $n <= self::POINTS; $n++) {
            // Closer together early, where the curves bend.
            $s = $this->endS * ($n / self::POINTS) ** 1.5;
            $path .= ($n === 0 ? 'M' : 'L').round($this->x($s), 1).' '.round($this->y($at($s)), 1);
        }

        return $path;
    }

    /** @return list<float> */
    private function peaks(): array
    {
        $run = $this->board->outlook->run;

        return array_map(fn (int $n): float => $run->airC($this->endS * $n / 40), range(0, 40));
    }

    private function x(float $second): float
    {
        return self::LEFT + $second / $this->endS * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    private function y(float $celsius): float
    {
        return self::HEIGHT - self::BOTTOM - max(0.0, $celsius) / $this->topC * (self::HEIGHT - self::TOP - self::BOTTOM);
    }

    /**
     * Moves end labels apart so that none covers another.
     *
     * @param  list<array{name: string, kind: string, path: string, dash: string, endX: float, endY: float, labelY: float, core: bool}>  $curves
     * @return list<array{name: string, kind: string, path: string, dash: string, endX: float, endY: float, labelY: float, core: bool}>
     */
    private function spread(array $curves): array
    {
        $order = array_keys($curves);
        usort($order, fn (int $a, int $b): int => $curves[$a]['endY'] <=> $curves[$b]['endY']);
        $gap = count($curves) > 14 ? 13.0 : 18.0;
        $y = self::TOP - $gap;
        foreach ($order as $i) {
            $y = max($y + $gap, $curves[$i]['endY'] + 5);
            $curves[$i]['labelY'] = $y;
        }
        $overflow = $y - (self::HEIGHT - self::BOTTOM);
        if ($overflow > 0) {
            foreach ($order as $i) {
                $curves[$i]['labelY'] -= $overflow;
            }
        }

        return array_values($curves);
    }
}

<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;

/**
 * Film by spot on one scale: readings as strokes, means as figures, the band, a histogram above, and the expected film
 * as a hollow mark.
 *
 * @phpstan-type Spot array{name: string, microns: non-empty-list<float>, expected: ?float}
 */
final readonly class FilmChart
{
    public const WIDE = 560;

    private const LEFT = 150;

    private const RIGHT = 470;

    private const TOP = 78;

    private const ROW = 34;

    private const BINS = 24;

    private const HILL = 48;

    /** More strokes than that on a spot are one grey. */
    private const MOST_STROKES = 150;

    /** @param  list<Spot>  $spots */
    private function __construct(
        private array $spots,
        private float $lowUm,
        private float $highUm,
        private float $from,
        private float $to,
        private Units $units,
    ) {
    }

    /** @param  list<Spot>  $spots */
    public static function of(array $spots, float $lowUm, float $highUm, Units $units): self
    {
        $all = array_merge([$lowUm, $highUm], ...array_map(
            fn (array $spot): array => [...$spot['microns'], ...array_filter([$spot['expected']])],
            $spots,
        ));
        $room = 0.12 * (max($all) - min($all));

        return new self($spots, $lowUm, $highUm, max(0.0, min($all) - $room), max($all) + $room, $units);
    }

    public function high(): int
    {
        return self::TOP + self::ROW * count($this->spots) + 34;
    }

    public function label(): string
    {
        $words = array_map(fn (array $spot): string => $spot['name'].' '.$this->show(self::mean($spot)), $this->spots);

        return 'Film by spot: '.implode(', ', $words).'; band '.$this->show($this->lowUm).' to '
            .$this->show($this->highUm);
    }

    /** @return array{x: float, width: float, y: int, height: int, low: string, high: string} */
    public function band(): array
    {
        return [
            'x' => $this->x($this->lowUm),
            'width' => round($this->x($this->highUm) - $this->x($this->lowUm), 1),
            'y' => self::TOP - self::HILL - 6,
            'height' => self::HILL + 6 + self::ROW * count($this->spots),
            'low' => $this->show($this->lowUm),
            'high' => $this->show($this->highUm),
        ];
    }

    /**
     * @return list<array{name: string, y: float, mean: string, x: float, tone: string, says: string,
     *      strokes: list<float>, expected: ?float}>
     */
    public function rows(): array
    {
        return array_map(function (array $spot, int $n): array {
            $mean = self::mean($spot);
            $worst = min($spot['microns']) < $this->lowUm ? 'thin' : (max($spot['microns']) > $this->highUm
                ? 'thick'
                : 'in');

            return [
                'name' => mb_strimwidth($spot['name'], 0, 19, '…'),
                'y' => self::TOP + self::ROW * ($n + 0.5),
                'mean' => $this->show($mean),
                'x' => $this->x($mean),
                'tone' => $worst,
                'says' => $worst === 'in' ? '' : $worst,
                'strokes' => array_map($this->x(...), array_slice($spot['microns'], 0, self::MOST_STROKES)),
                'expected' => $spot['expected'] === null ? null : $this->x($spot['expected']),
            ];
        }, $this->spots, array_keys($this->spots));
    }

    /** How many readings fall where, as the outline of a hill. */
    public function hill(): string
    {
        $all = array_merge(...array_map(fn (array $spot): array => $spot['microns'], $this->spots));
        $bins = FilmReadings::of($all)->spread($this->from, $this->to, self::BINS);
        $most = max(1, ...array_column($bins, 'count'));
        $foot = self::TOP - 6;
        $path = "M{$this->x($this->from)} {$foot}";
        foreach ($bins as $bin) {
            $y = round($foot - self::HILL * $bin['count'] / $most, 1);
            $path .= "L{$this->x($bin['from'])} {$y}L{$this->x($bin['to'])} {$y}";
        }

        return "{$path}L{$this->x($this->to)} {$foot}Z";
    }

    /** @return list<array{spot: string, n: int, mean: string, least: string, most: string, expected: string}> */
    public function table(): array
    {
        return array_map(fn (array $spot): array => [
            'spot' => $spot['name'],
            'n' => count($spot['microns']),
            'mean' => $this->show(self::mean($spot)),
            'least' => $this->show(min($spot['microns'])),
            'most' => $this->show(max($spot['microns'])),
            'expected' => $spot['expected'] === null ? '' : $this->show($spot['expected']),
        ], $this->spots);
    }

    /** @param  Spot  $spot */
    private static function mean(array $spot): float
    {
        return array_sum($spot['microns']) / count($spot['microns']);
    }

    private function x(float $um): float
    {
        return round(self::LEFT + (self::RIGHT - self::LEFT) * ($um - $this->from) / ($this->to - $this->from), 1);
    }

    private function show(float $um): string
    {
        return $this->units->show(Dimension::Film, $um, $this->units->isMetric() ? 0 : 1);
    }
}

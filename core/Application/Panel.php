<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** A flat of cells that is sprayed, with its recesses, its openings and the lines along which it is folded inwards. */
final readonly class Panel
{
    public const MOST_CELLS = 40000;

    /** How much more an edge draws at 80 kV, and over what distance that fades, mm. House figures, unverified. */
    private const EDGE_MORE = 0.35;

    private const EDGE_AT_KV = 80.0;

    private const EDGE_FADES_MM = 8.0;

    /** Walls of a box meet at a right angle; its corner is felt so far, mm. House figure, unverified. */
    private const FOLD_DEG = 90.0;

    private const FOLD_REACH_MM = 60.0;

    /**
     * @param  list<PanelArea>  $recesses
     * @param  list<PanelArea>  $open
     * @param  list<float>  $foldsAtXMm
     * @param  list<float>  $foldsAtYMm
     */
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $cellMm,
        public int $across,
        public int $down,
        public array $recesses,
        public array $open,
        public array $foldsAtXMm,
        public array $foldsAtYMm,
    ) {
    }

    /**
     * @param  float  $widthMm  above 0 to 10 000, whole cells
     * @param  float  $heightMm  above 0 to 10 000, whole cells
     * @param  float  $cellMm  side of a cell, above 0 to 1 000
     * @param  list<PanelArea>  $recesses  a later one wins over an earlier
     * @param  list<PanelArea>  $open  where there is no metal; their rims are edges
     * @param  list<float>  $foldsAtXMm  upright lines along which walls of a box meet
     * @param  list<float>  $foldsAtYMm  level lines along which they do
     *
     * @throws InvalidInput where there are more than 40 000 cells, or parts of one
     */
    public static function of(
        float $widthMm,
        float $heightMm,
        float $cellMm,
        array $recesses = [],
        array $open = [],
        array $foldsAtXMm = [],
        array $foldsAtYMm = [],
    ): self {
        Check::above('cell_mm', $cellMm, 0, 1000);
        $across = self::cells('width_mm', Check::above('width_mm', $widthMm, 0, PathPoint::MOST_MM), $cellMm);
        $down = self::cells('height_mm', Check::above('height_mm', $heightMm, 0, PathPoint::MOST_MM), $cellMm);
        if ($across * $down > self::MOST_CELLS) {
            $allowed = 'one that leaves at most '.self::MOST_CELLS.' cells';
            throw InvalidInput::outside('cell_mm', $cellMm, $allowed);
        }

        return new self(
            $widthMm, $heightMm, $cellMm, $across, $down, $recesses, $open, $foldsAtXMm, $foldsAtYMm,
        );
    }

    /** Centre of a column of cells, mm from the left. */
    public function xMm(int $column): float
    {
        return ($column + 0.5) * $this->cellMm;
    }

    /** Centre of a row of cells, mm from the top. */
    public function yMm(int $row): float
    {
        return ($row + 0.5) * $this->cellMm;
    }

    /** Area of a cell, m². */
    public function cellM2(): float
    {
        return ($this->cellMm / 1000) ** 2;
    }

    /**
     * What each cell draws against an open face far from any edge, row by row: R·E; null where there is no metal.
     *
     * @return list<float|null>
     */
    public function draws(float $kv, float $electricShare): array
    {
        $draws = [];
        for ($row = 0; $row < $this->down; $row++) {
            for ($column = 0; $column < $this->across; $column++) {
                $draws[] = $this->drawsAt($this->xMm($column), $this->yMm($row), $kv, $electricShare);
            }
        }

        return $draws;
    }

    private function drawsAt(float $x, float $y, float $kv, float $electricShare): ?float
    {
        foreach ($this->open as $open) {
            if ($open->holds($x, $y)) {
                return null;
            }
        }
        foreach (array_reverse($this->recesses) as $recess) {
            if ($recess->holds($x, $y)) {
                return $recess->ratio($electricShare);
            }
        }
        $edge = min($x, $this->widthMm - $x, $y, $this->heightMm - $y);
        foreach ($this->open as $open) {
            $edge = min($edge, $open->fromMm($x, $y));
        }
        $more = self::EDGE_MORE * $kv / self::EDGE_AT_KV * exp(-$edge / self::EDGE_FADES_MM);

        return (1 + $more) * $this->inCorner($x, $y, $electricShare);
    }

    private function inCorner(float $x, float $y, float $electricShare): float
    {
        if ($this->foldsAtXMm === [] && $this->foldsAtYMm === []) {
            return 1.0;
        }
        $from = min(
            ...array_map(fn (float $at): float => abs($x - $at), $this->foldsAtXMm),
            ...array_map(fn (float $at): float => abs($y - $at), $this->foldsAtYMm),
            ...[self::FOLD_REACH_MM],
        );

        return Recess::corner($electricShare, self::FOLD_DEG, $from, self::FOLD_REACH_MM);
    }

    private static function cells(string $name, float $mm, float $cellMm): int
    {
        $cells = round($mm / $cellMm);

        return $cells >= 1 && abs($mm / $cellMm - $cells) < 1e-6
            ? (int) $cells
            : throw InvalidInput::outside($name, $mm, "whole cells of {$cellMm} mm");
    }
}

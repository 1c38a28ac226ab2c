<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/**
 * What a gun's cloud has given each cell along a path: ∫ e^(−½(away/at − 1)²)·G dt, s/mm², with
 * G = e^(−r²/2σ²)/(2πσ²).
 *
 * Long strokes are cut and summed by Gauss's two points, short ones of a moving hand taken together where the cloud
 * cannot tell them apart. A round Gaussian is a column times a row, so that a point costs an addition a cell.
 */
final class Cloud
{
    /** Pieces of a stroke are at most so many σ long; the sum is then within 2e−4 of the integral. */
    private const PIECE = 0.7;

    /** Points of a moving hand within so many σ of each other count as one. */
    private const TOGETHER = 0.2;

    /** Distances that differ by less than this share count as one. */
    private const SAME_AWAY = 0.02;

    /** A cell further than so many σ from the gun gets nothing: e^(−15). */
    private const REACH = 5.5;

    /** @var array<int, float> */
    private array $got;

    /** @var array{float, float, float, float, float}|null  time, and time times x, y, away; length so far */
    private ?array $together = null;

    private function __construct(private readonly Panel $panel, private readonly SprayGun $gun)
    {
        $this->got = array_fill(0, $panel->across * $panel->down, 0.0);
    }

    /**
     * @param  list<PathPoint>  $path  times rise
     * @return array<int, float> row by row
     */
    public static function along(array $path, Panel $panel, SprayGun $gun): array
    {
        $cloud = new self($panel, $gun);
        for ($n = 1; $n < count($path); $n++) {
            $path[$n - 1]->on ? $cloud->stroke($path[$n - 1], $path[$n]) : $cloud->settle();
        }
        $cloud->settle();

        return $cloud->got;
    }

    private function stroke(PathPoint $from, PathPoint $to): void
    {
        $seconds = $to->tS - $from->tS;
        $length = hypot($to->xMm - $from->xMm, $to->yMm - $from->yMm);
        $sigma = $this->gun->sigmaMm(min($from->awayMm, $to->awayMm));
        $opens = abs($to->awayMm - $from->awayMm) / min($from->awayMm, $to->awayMm);
        if ($length <= self::TOGETHER * $sigma && $opens <= self::SAME_AWAY) {
            $this->gather($from, $to, $seconds, $length, $sigma);

            return;
        }
        $this->settle();
        $pieces = (int) ceil(max($length / (self::PIECE * $sigma), $opens / (10 * self::SAME_AWAY)));
        for ($piece = 0; $piece < $pieces; $piece++) {
            foreach ([-1, 1] as $side) {
                $at = ($piece + 0.5 + $side * 0.5 / sqrt(3)) / $pieces;
                $this->puff(
                    $seconds / $pieces / 2,
                    $from->xMm + $at * ($to->xMm - $from->xMm),
                    $from->yMm + $at * ($to->yMm - $from->yMm),
                    $from->awayMm + $at * ($to->awayMm - $from->awayMm),
                );
            }
        }
    }

    private function gather(PathPoint $from, PathPoint $to, float $seconds, float $length, float $sigma): void
    {
        $away = ($from->awayMm + $to->awayMm) / 2;
        if ($this->together !== null) {
            $apart = abs($this->together[3] / $this->together[0] / $away - 1);
            if (self::TOGETHER * $sigma < $this->together[4] + $length || $apart > self::SAME_AWAY) {
                $this->settle();
            }
        }
        $this->together ??= [0.0, 0.0, 0.0, 0.0, 0.0];
        $this->together[0] += $seconds;
        $this->together[1] += $seconds * ($from->xMm + $to->xMm) / 2;
        $this->together[2] += $seconds * ($from->yMm + $to->yMm) / 2;
        $this->together[3] += $seconds * $away;
        $this->together[4] += $length;
    }

    private function settle(): void
    {
        if ($this->together !== null) {
            [$seconds, $x, $y, $away] = $this->together;
            $this->together = null;
            $this->puff($seconds, $x / $seconds, $y / $seconds, $away / $seconds);
        }
    }

    private function puff(float $seconds, float $x, float $y, float $away): void
    {
        $panel = $this->panel;
        $sigma = $this->gun->sigmaMm($away);
        $reach = self::REACH * $sigma;
        $half = -0.5 / $sigma ** 2;
        $left = max(0, (int) floor(($x - $reach) / $panel->cellMm));
        $right = min($panel->across - 1, (int) floor(($x + $reach) / $panel->cellMm));
        $top = max(0, (int) floor(($y - $reach) / $panel->cellMm));
        $bottom = min($panel->down - 1, (int) floor(($y + $reach) / $panel->cellMm));
        $level = [];
        for ($column = $left; $column <= $right; $column++) {
            $level[$column] = exp($half * ($panel->xMm($column) - $x) ** 2);
        }
        $most = $seconds * $this->gun->atDistance($away) / (2 * M_PI * $sigma ** 2);
        for ($row = $top; $row <= $bottom; $row++) {
            $here = $most * exp($half * ($panel->yMm($row) - $y) ** 2);
            $first = $row * $panel->across;
            foreach ($level as $column => $share) {
                $this->got[$first + $column] += $here * $share;
            }
        }
    }
}

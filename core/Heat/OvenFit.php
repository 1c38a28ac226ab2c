<?php

declare(strict_types=1);

namespace Aenum\Core\Heat;

use Aenum\Core\Unit\Constant;
use Aenum\Core\Unit\InvalidQuantity;

/**
 * An oven's figures from runs with a logger in them: fan on parts h, air to shell Hs, wall loss UA and shell C, by
 * damped least squares on their logarithms.
 *
 * Samples count with a standard deviation of 4 K; each logarithm is held to the figure it starts from with one of 0.7,
 * so that what the runs say nothing of stays where it was. Levenberg–Marquardt, slopes by differences.
 */
final readonly class OvenFit
{
    private const PRIOR_SIGMA = 0.7;

    private const NUDGE = 0.03;

    private const ROUNDS = 12;

    /** @var list<string> what is fitted, in order */
    public const FIGURES = ['convection_w_per_m2k', 'air_to_shell_w_per_k', 'shell_loss_w_per_k', 'shell_kj_per_k'];

    /**
     * @param  array<string, array{from: float, to: float, sigma: float}>  $figures  sigma is of the logarithm: 0.1 is
     *      about 10 %
     */
    private function __construct(
        public Oven $oven,
        public array $figures,
        /** Root mean square of model less measured, K, before and after. */
        public float $residualBeforeK,
        public float $residualAfterK,
        public int $samples,
    ) {
    }

    /**
     * @param  non-empty-list<LoggedRun>  $runs
     *
     * @throws InvalidQuantity where there is nothing to fit to
     */
    public static function of(Oven $oven, array $runs): self
    {
        $samples = array_sum(array_map(fn (LoggedRun $run): int => count($run->samples), $runs));
        if ($samples < 8) {
            throw InvalidQuantity::outside('samples', $samples, 'at least 8 readings over all runs');
        }
        $ln = array_fill(0, count(self::FIGURES), 0.0);
        $at = self::residuals($oven, $runs, $ln);
        $before = self::rms($at);
        $cost = self::cost($at, $ln);
        $damping = 0.01;
        $normal = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$normal, $gradient] = self::normal($oven, $runs, $ln, $at);
            $moved = false;
            for ($try = 0; $try < 6 && ! $moved; $try++) {
                $step = self::solve($normal, $gradient, $damping);
                $next = array_map(fn (float $x, float $d): float => max(-2.0, min(2.0, $x + $d)), $ln, $step);
                $there = self::residuals($oven, $runs, $next);
                $nextCost = self::cost($there, $next);
                if ($nextCost < $cost) {
                    $moved = true;
                    $gain = $cost - $nextCost;
                    [$ln, $at, $cost, $damping] = [$next, $there, $nextCost, $damping / 4];
                } else {
                    $damping *= 5;
                }
            }
            if (! $moved || $gain < 1e-4 * $cost) {
                break;
            }
        }

        return new self(self::with($oven, $ln), self::told($oven, $ln, $normal), $before, self::rms($at), $samples);
    }

    /** @param  list<float>  $ln */
    private static function with(Oven $oven, array $ln): Oven
    {
        return Oven::of(
            $oven->heaterKw,
            $oven->bandK,
            $oven->airKjPerK,
            $oven->shellKjPerK * exp($ln[3]),
            $oven->airToShellWPerK * exp($ln[1]),
            $oven->shellLossWPerK * exp($ln[2]),
            $oven->ventWPerK,
            $oven->doorWPerK,
            $oven->convectionWPerM2K * exp($ln[0]),
            $oven->maxC,
        );
    }

    /**
     * Model less measured, K.
     *
     * @param  list<LoggedRun>  $runs
     * @param  list<float>  $ln
     * @return list<float>
     */
    private static function residuals(Oven $oven, array $runs, array $ln): array
    {
        $model = self::with($oven, $ln);
        $residuals = [];
        foreach ($runs as $run) {
            $end = max(1.0, ...array_map(fn (array $sample): float => $sample[1], $run->samples));
            $curve = (new Simulation($model, $run->load, $run->schedule))->run($end);
            foreach ($run->samples as [$item, $second, $celsius]) {
                $residuals[] =
                    ($item === LoggedRun::AIR ? $curve->airC($second) : $curve->coreC($item, $second)) - $celsius;
            }
        }

        return $residuals;
    }

    /**
     * JᵀJ and Jᵀr with the prior in them.
     *
     * @param  list<LoggedRun>  $runs
     * @param  list<float>  $ln
     * @param  list<float>  $at
     * @return array{list<list<float>>, list<float>}
     */
    private static function normal(Oven $oven, array $runs, array $ln, array $at): array
    {
        $columns = [];
        foreach (array_keys($ln) as $k) {
            $nudged = $ln;
            $nudged[$k] += self::NUDGE;
            $columns[] = array_map(
                fn (float $there, float $here): float => ($there - $here) / self::NUDGE / Constant::READING_SIGMA_K,
                self::residuals($oven, $runs, array_values($nudged)),
                $at,
            );
        }
        $normal = $gradient = [];
        foreach ($columns as $i => $a) {
            $row = [];
            foreach ($columns as $j => $b) {
                $row[] =
                    array_sum(array_map(fn (float $x, float $y): float => $x * $y, $a, $b)) +
                    ($i === $j ? 1 / self::PRIOR_SIGMA ** 2 : 0.0);
            }
            $normal[] = $row;
            $gradient[] =
                array_sum(
                    array_map(fn (float $x, float $r): float => ($x * $r) / Constant::READING_SIGMA_K, $a, $at),
                ) +
                $ln[$i] / self::PRIOR_SIGMA ** 2;
        }

        return [$normal, $gradient];
    }

    /**
     * The step −(N + λ·diag N)⁻¹ g, by Gaussian elimination with pivots.
     *
     * @param  list<list<float>>  $normal
     * @param  list<float>  $gradient
     * @return list<float>
     */
    private static function solve(array $normal, array $gradient, float $damping): array
    {
        $n = count($gradient);
        foreach (array_keys($normal) as $i) {
            $normal[$i][$i] *= 1 + $damping;
            $normal[$i][$n] = -$gradient[$i];
        }
        for ($column = 0; $column < $n; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $n; $row++) {
                $pivot = abs($normal[$row][$column]) > abs($normal[$pivot][$column]) ? $row : $pivot;
            }
            [$normal[$column], $normal[$pivot]] = [$normal[$pivot], $normal[$column]];
            for ($row = 0; $row < $n; $row++) {
                if ($row !== $column) {
                    $share = $normal[$row][$column] / $normal[$column][$column];
                    for ($k = $column; $k <= $n; $k++) {
                        $normal[$row][$k] -= $share * $normal[$column][$k];
                    }
                }
            }
        }

        return array_map(fn (int $i): float => $normal[$i][$n] / $normal[$i][$i], range(0, $n - 1));
    }

    /**
     * @param  list<float>  $ln
     * @param  list<list<float>>  $normal
     * @return array<string, array{from: float, to: float, sigma: float}>
     */
    private static function told(Oven $oven, array $ln, array $normal): array
    {
        $from = [$oven->convectionWPerM2K, $oven->airToShellWPerK, $oven->shellLossWPerK, $oven->shellKjPerK];
        $told = [];
        foreach (self::FIGURES as $k => $figure) {
            // The k-th column of the inverse holds the variance of the k-th logarithm.
            $unit = array_map(fn (int $i): float => $i === $k ? -1.0 : 0.0, array_keys($ln));
            $told[$figure] = [
                'from' => $from[$k],
                'to' => $from[$k] * exp($ln[$k]),
                'sigma' => sqrt(max(0.0, self::solve($normal, $unit, 0.0)[$k])),
            ];
        }

        return $told;
    }

    /**
     * @param  list<float>  $residuals
     * @param  list<float>  $ln
     */
    private static function cost(array $residuals, array $ln): float
    {
        return array_sum(array_map(fn (float $r): float => ($r / Constant::READING_SIGMA_K) ** 2, $residuals)) +
            array_sum(array_map(fn (float $x): float => ($x / self::PRIOR_SIGMA) ** 2, $ln));
    }

    /** @param  list<float>  $residuals */
    private static function rms(array $residuals): float
    {
        return sqrt(array_sum(array_map(fn (float $r): float => $r ** 2, $residuals)) / count($residuals));
    }
}

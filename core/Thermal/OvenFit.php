<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\InvalidInput;

/**
 * An oven's eight figures from runs with a logger in them, by damped least squares (Levenberg and Marquardt) on their
 * logarithms, beside what is unknown of each run: its clock, its couples and its parts' own h (see RunFit).
 *
 * Each log counts with its own scatter, first assumed and then found; what parts differ by is found the same way.
 * What the logs say nothing of stays where it was.
 */
final readonly class OvenFit
{
    /** How far the logarithm of a figure may be off before anything is logged. */
    private const PRIOR_SIGMA = 0.35;

    /** A figure is told where the logs leave less than this of what was unknown of it. */
    private const TOLD_BELOW = 0.7;

    /** Half the interval that holds the truth two times in three, in standard deviations: see tests/Bench/fit.php. */
    public const TWO_IN_THREE = 1.2;

    private const FEWEST_SAMPLES = 8;

    private const ROUNDS = 14;

    /** Rounds until the scatter is trusted, and error allowed in a step of a run before that and after, K. */
    private const ROUGH_ROUNDS = 3;

    private const ROUGH_K = 0.02;

    private const FINE_K = 0.002;

    /** Scatter a log is allowed at the least, K, in those rounds and after. */
    private const ROUGH_SCATTER_K = 3.0;

    private const LEAST_SCATTER_K = 0.05;

    private const DAMPING = 0.0001;

    /** Standard deviations a last step may move. */
    private const ENOUGH = 0.05;

    private const FARTHEST = 1.6;

    /** What kinds' own h are thought to differ by, as a logarithm, before the logs say; worth so many kinds. */
    private const KINDS_DIFFER = 0.04;

    private const KINDS_WORTH = 2;

    private const KINDS_DIFFER_AT_FIRST = 0.1;

    /**
     * @param  array<string, array{from: float, to: float, low: float, high: float, told: bool}>  $figures  by the key
     *      of an OvenFigure
     * @param  list<float>  $lagsS  of each couple, run after run
     * @param  OvenCalibration  $lesson  how sure it all is
     */
    private function __construct(
        public Oven $oven,
        public array $figures,
        public array $lagsS,
        public OvenCalibration $lesson,
        /** Root mean square of model less measured, K, before and after. */
        public float $residualBeforeK,
        public float $residualAfterK,
        public int $samples,
    ) {
    }

    /**
     * @param  list<LoggedRun>  $logged
     *
     * @throws InvalidInput where there is nothing to fit to
     */
    public static function of(Oven $oven, array $logged): self
    {
        $samples = array_sum(array_map(fn (LoggedRun $run): int => $run->samples(), $logged));
        if ($samples < self::FEWEST_SAMPLES) {
            throw InvalidInput::outside(
                'samples',
                $samples,
                'at least '.self::FEWEST_SAMPLES.' readings over all runs',
            );
        }
        $runs = [];
        $size = count(OvenFigure::cases());
        foreach ($logged as $run) {
            $runs[] = $fit = new RunFit($run, $size);
            $size += $fit->size();
        }
        [$x, $after, $factored, $differ] = self::search($oven, $runs, $size);
        $covariance = array_map(
            fn (int $figure): array => array_slice($factored->inverse($figure), 0, 8),
            array_keys(OvenFigure::cases()),
        );
        $fitted = self::ovenAt($oven, $x);

        return new self(
            $fitted,
            self::told($oven, $fitted, $covariance),
            array_merge(...array_map(fn (RunFit $run): array => $run->lags($x), $runs)),
            new OvenCalibration($covariance, $differ),
            self::rms(array_map(fn (RunFit $run): array => $run->unlagged($oven), $runs)),
            self::rms($after),
            $samples,
        );
    }

    /**
     * Steps until one no longer moves anything by more than a part of what is unknown of it. While the oven is far
     * off, a log counts no more than it fits, so that clocks and couples are not bent to make up for the oven.
     *
     * @param  list<RunFit>  $runs
     * @return array{list<float>, list<list<list<float>>>, Cholesky, float} the unknowns, model less measured there, how
     *      sure each is, and what kinds' own h differ by
     */
    private static function search(Oven $oven, array $runs, int $size): array
    {
        $x = array_fill(0, $size, 0.0);
        $differ = self::KINDS_DIFFER_AT_FIRST;
        $damping = self::DAMPING;
        $misses = self::misses($oven, $runs, $x, self::ROUGH_K);
        self::weigh($runs, $misses, self::ROUGH_SCATTER_K);
        $normal = [];
        $moved = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $rough = $round < self::ROUGH_ROUNDS;
            $toleranceK = $rough ? self::ROUGH_K : self::FINE_K;
            $prior = self::prior($runs, $differ);
            if ($round === self::ROUGH_ROUNDS || $moved === 0.0) {
                $misses = self::misses($oven, $runs, $x, $toleranceK);
            }
            $cost = self::cost($runs, $misses, $x, $prior);
            [$normal, $gradient] = self::normal($oven, $runs, $misses, $x, $prior);
            $moved = 0.0;
            for ($try = 0; $try < 6; $try++) {
                $step = self::step($normal, $gradient, $damping);
                $next = self::within($x, $step);
                $there = self::misses($oven, $runs, $next, $toleranceK);
                if (self::cost($runs, $there, $next, $prior) <= $cost * (1 + 1e-9)) {
                    $moved = self::length($normal, $step);
                    [$x, $misses, $damping] = [$next, $there, $damping / 8];

                    break;
                }
                $damping = max(self::DAMPING, $damping) * 8;
            }
            self::weigh($runs, $misses, $rough ? self::ROUGH_SCATTER_K : self::LEAST_SCATTER_K);
            if (! $rough) {
                $differ = self::differ($runs, $x, Cholesky::of($normal));
                if ($round > self::ROUGH_ROUNDS && $moved < self::ENOUGH) {
                    break;
                }
            }
        }

        return [$x, $misses, Cholesky::of($normal), $differ];
    }

    /**
     * @param  list<RunFit>  $runs
     * @param  list<list<list<float>>>  $misses
     */
    private static function weigh(array $runs, array $misses, float $leastK): void
    {
        foreach ($runs as $r => $run) {
            $run->scatters($misses[$r], $leastK);
        }
    }

    /** What the logs have told, what not, and the log that would tell most of it. */
    public function why(): string
    {
        $untold = array_filter(
            OvenFigure::cases(),
            fn (OvenFigure $one): bool => ! $this->figures[$one->value]['told'],
        );
        if ($untold === []) {
            return 'The logs have narrowed every figure.';
        }
        $names = implode(', ', array_map(fn (OvenFigure $one): string => $one->label(), $untold));
        $tells = array_count_values(array_map(fn (OvenFigure $one): string => $one->toldBy(), $untold));
        arsort($tells);

        return "The logs do not say: {$names}. What would tell most: ".array_key_first($tells).'.';
    }

    /**
     * @param  list<RunFit>  $runs
     * @return array<int, float>
     */
    private static function prior(array $runs, float $differ): array
    {
        $prior = array_fill(0, 8, self::PRIOR_SIGMA);
        foreach ($runs as $run) {
            $prior += $run->prior($differ);
        }

        return $prior;
    }

    /** @param  array<int, float>  $x */
    private static function ovenAt(Oven $oven, array $x): Oven
    {
        return $oven->times(array_map(exp(...), array_slice($x, 0, 8)));
    }

    /**
     * @param  list<RunFit>  $runs
     * @param  list<float>  $x
     * @return list<list<list<float>>>
     */
    private static function misses(Oven $oven, array $runs, array $x, float $toleranceK): array
    {
        $there = self::ovenAt($oven, $x);

        return array_map(fn (RunFit $run): array => $run->misses($there, $x, $toleranceK), $runs);
    }

    /**
     * JᵀWJ and JᵀWr with the prior in them.
     *
     * @param  list<RunFit>  $runs
     * @param  list<list<list<float>>>  $misses
     * @param  list<float>  $x
     * @param  array<int, float>  $prior
     * @return array{array<int, array<int, float>>, list<float>}
     */
    private static function normal(Oven $oven, array $runs, array $misses, array $x, array $prior): array
    {
        $n = count($x);
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        $gradient = array_fill(0, $n, 0.0);
        foreach ($prior as $i => $sigma) {
            $normal[$i][$i] = 1 / $sigma ** 2;
            $gradient[$i] = $x[$i] / $sigma ** 2;
        }
        $there = self::ovenAt($oven, $x);
        foreach ($runs as $r => $run) {
            $weight = 1 / $run->sigmaK() ** 2;
            foreach ($run->slopes($there, $x) as $c => $slopes) {
                foreach ($slopes as $i => $a) {
                    $gradient[$i] += $weight * self::dot($a, $misses[$r][$c]);
                    foreach ($slopes as $j => $b) {
                        if ($j <= $i) {
                            $normal[$i][$j] += $weight * self::dot($a, $b);
                        }
                    }
                }
            }
        }

        return [$normal, array_values($gradient)];
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $n => $value) {
            $sum += $value * $b[$n];
        }

        return $sum;
    }

    /**
     * @param  array<int, array<int, float>>  $normal
     * @param  list<float>  $gradient
     * @return list<float>
     */
    private static function step(array $normal, array $gradient, float $damping): array
    {
        foreach (array_keys($normal) as $i) {
            $normal[$i][$i] *= 1 + $damping;
        }

        return Cholesky::of($normal)->solve(array_map(fn (float $g): float => -$g, $gradient));
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $step
     * @return list<float>
     */
    private static function within(array $x, array $step): array
    {
        $next = array_map(fn (float $a, float $b): float => $a + $b, $x, $step);
        for ($i = 0; $i < 8; $i++) {
            $next[$i] = max(-self::FARTHEST, min(self::FARTHEST, $next[$i]));
        }

        return array_values($next);
    }

    /**
     * A step's length in standard deviations.
     *
     * @param  array<int, array<int, float>>  $normal
     * @param  list<float>  $step
     */
    private static function length(array $normal, array $step): float
    {
        $sum = 0.0;
        foreach ($normal as $i => $row) {
            for ($j = 0; $j <= $i; $j++) {
                $sum += ($i === $j ? 1 : 2) * $row[$j] * $step[$i] * $step[$j];
            }
        }

        return sqrt(max(0.0, $sum));
    }

    /**
     * What kinds' own h differ by, from how far these lie off and how sure that is.
     *
     * @param  list<RunFit>  $runs
     * @param  list<float>  $x
     */
    private static function differ(array $runs, array $x, Cholesky $normal): float
    {
        $sum = self::KINDS_WORTH * self::KINDS_DIFFER ** 2;
        $many = self::KINDS_WORTH;
        foreach ($runs as $run) {
            foreach ($run->kinds() as $place) {
                $sum += $x[$place] ** 2 + $normal->inverse($place)[$place];
                $many++;
            }
        }

        return sqrt($sum / $many);
    }

    /**
     * @param  list<list<float>>  $covariance
     * @return array<string, array{from: float, to: float, low: float, high: float, told: bool}>
     */
    private static function told(Oven $from, Oven $to, array $covariance): array
    {
        $told = [];
        foreach (OvenFigure::cases() as $k => $figure) {
            $sigma = sqrt($covariance[$k][$k]);
            $value = $figure->in($to);
            $told[$figure->value] = [
                'from' => $figure->in($from),
                'to' => $value,
                'low' => $value * exp(-self::TWO_IN_THREE * $sigma),
                'high' => $value * exp(self::TWO_IN_THREE * $sigma),
                'told' => $sigma < self::TOLD_BELOW * self::PRIOR_SIGMA,
            ];
        }

        return $told;
    }

    /**
     * @param  list<RunFit>  $runs
     * @param  list<list<list<float>>>  $misses
     * @param  list<float>  $x
     * @param  array<int, float>  $prior
     */
    private static function cost(array $runs, array $misses, array $x, array $prior): float
    {
        $cost = 0.0;
        foreach ($runs as $r => $run) {
            foreach ($misses[$r] as $couple) {
                $cost += self::dot($couple, $couple) / $run->sigmaK() ** 2;
            }
        }
        foreach ($prior as $i => $sigma) {
            $cost += ($x[$i] / $sigma) ** 2;
        }

        return $cost;
    }

    /** @param  list<list<list<float>>>  $misses */
    private static function rms(array $misses): float
    {
        $all = array_merge(...array_merge(...$misses));

        return sqrt(self::dot($all, $all) / count($all));
    }
}

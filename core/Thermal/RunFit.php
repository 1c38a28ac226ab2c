<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * One logged run inside the fit of an oven: what its couples would have shown, and how that moves with each unknown.
 *
 * Its own unknowns follow the oven's eight: the shift of its clock, s; the logarithm of each kind's own h over the
 * oven's; and of each couple the logarithm of its lag over the usual one, and its offset, K.
 *
 * Slopes are exact but for rounding: the nudged run is taken along the very steps of the run itself.
 */
final class RunFit
{
    /** The usual lag of a couple, s, and how far the logarithm of another may lie from it. House figures. */
    public const USUAL_LAG_S = 18.0;

    private const LAG_SIGMA = 0.75;

    private const SHIFT_SIGMA_S = 9.0;

    private const OFFSET_SIGMA_K = 0.7;

    private const NUDGE = 0.002;

    /** Clocks are no further off than this, s. */
    private const MOST_SHIFT_S = 60.0;

    /** @var list<Step> */
    private array $steps = [];

    private float $sigmaK = 3.0;

    /** @var array<int, int> place of the unknown that is a kind's own h, by the kind's place in the load */
    private readonly array $kinds;

    /** @param  int  $first  place of its first unknown in the whole */
    public function __construct(public readonly LoggedRun $run, public readonly int $first)
    {
        // What no couple sits in says nothing of its own h.
        $logged = array_unique(array_map(fn (ThermocoupleLog $log): int => $log->item, $run->couples));
        $kinds = array_values(array_filter($logged, fn (int $item): bool => $item !== ThermocoupleLog::AIR));
        $this->kinds = array_combine($kinds, array_map(fn (int $n): int => $first + 1 + $n, array_keys($kinds)));
    }

    /** How many unknowns it brings. */
    public function size(): int
    {
        return 1 + count($this->kinds) + 2 * count($this->run->couples);
    }

    /**
     * Standard deviation of each of its unknowns before anything is read.
     *
     * @param  float  $kinds  of the logarithm of a kind's own h
     * @return array<int, float> by place in the whole
     */
    public function prior(float $kinds): array
    {
        $prior = [$this->first => self::SHIFT_SIGMA_S];
        foreach ($this->kinds as $place) {
            $prior[$place] = $kinds;
        }
        foreach (array_keys($this->run->couples) as $n) {
            $prior[$this->lagAt($n)] = self::LAG_SIGMA;
            $prior[$this->lagAt($n) + 1] = self::OFFSET_SIGMA_K;
        }

        return $prior;
    }

    /** @return list<int> places of its kinds' own h */
    public function kinds(): array
    {
        return array_values($this->kinds);
    }

    /**
     * The lag of each couple, s.
     *
     * @param  array<int, float>  $x
     * @return list<float>
     */
    public function lags(array $x): array
    {
        return array_map(fn (int $n): float => $this->lag($x, $n), array_keys($this->run->couples));
    }

    /** What the logger scatters about the model, K. */
    public function sigmaK(): float
    {
        return $this->sigmaK;
    }

    /**
     * @param  list<list<float>>  $misses
     * @param  float  $leastK  scatter not to be undercut
     */
    public function scatters(array $misses, float $leastK): void
    {
        $all = array_merge(...$misses);
        $this->sigmaK = max($leastK, sqrt(array_sum(array_map(fn (float $r): float => $r * $r, $all)) / count($all)));
    }

    /**
     * Shown by the model less shown by the logger, K, by couple; the run is remembered for slopes().
     *
     * @param  array<int, float>  $x
     * @param  float  $toleranceK  of a step of the run
     * @return list<list<float>>
     */
    public function misses(Oven $oven, array $x, float $toleranceK): array
    {
        $last = max(
            1.0,
            ...array_map(fn (ThermocoupleLog $log): float => max(0.0, ...$log->seconds), $this->run->couples),
        );
        $simulation = $this->simulation($oven, $x, $toleranceK);
        $this->steps = iterator_to_array(
            $simulation->stepsOf($simulation->balance(), $last + self::MOST_SHIFT_S),
            false,
        );
        $misses = [];
        foreach ($this->run->couples as $n => $log) {
            $shown = Thermocouple::reads(
                $this->course($log, $this->steps),
                $this->lag($x, $n),
                $this->seconds($x, $log),
            );
            $offset = $x[$this->lagAt($n) + 1];
            $misses[] = array_map(fn (float $y, float $c): float => $y + $offset - $c, $shown, $log->celsius);
        }

        return $misses;
    }

    /**
     * The same with couples and clock as they should be, in an oven.
     *
     * @return list<list<float>>
     */
    public function unlagged(Oven $oven): array
    {
        $x = array_fill($this->first, $this->size(), 0.0);
        foreach (array_keys($this->run->couples) as $n) {
            $x[$this->lagAt($n)] = -4.0;
        }

        return $this->misses($oven, $x, Simulation::TOLERANCE_K);
    }

    /**
     * How each couple's samples move with each unknown, along the run last computed.
     *
     * @param  array<int, float>  $x
     * @return list<array<int, list<float>>> by couple, by place of the unknown
     */
    public function slopes(Oven $oven, array $x): array
    {
        $nudged = [];
        foreach (OvenFigure::cases() as $place => $figure) {
            $more = array_fill(0, 8, 1.0);
            $more[$place] = exp(self::NUDGE);
            $nudged[$place] = $this->along($oven->times($more), $x);
        }
        foreach ($this->kinds as $place) {
            $nudged[$place] = $this->along($oven, [$place => $x[$place] + self::NUDGE] + $x);
        }
        $slopes = [];
        foreach ($this->run->couples as $n => $log) {
            $slopes[] = $this->slopesOf($n, $log, $x, $nudged);
        }

        return $slopes;
    }

    /**
     * @param  array<int, float>  $x
     * @param  array<int, list<Step>>  $nudged
     * @return array<int, list<float>>
     */
    private function slopesOf(int $n, ThermocoupleLog $log, array $x, array $nudged): array
    {
        $seconds = $this->seconds($x, $log);
        $lag = $this->lag($x, $n);
        $course = $this->course($log, $this->steps);
        $shown = Thermocouple::reads($course, $lag, $seconds);
        $later = array_map(fn (float $s): float => $s + self::NUDGE, $seconds);
        $slopes = [
            $this->first => self::slope($shown, Thermocouple::reads($course, $lag, $later)),
            $this->lagAt($n) => self::slope($shown, Thermocouple::reads($course, $lag * exp(self::NUDGE), $seconds)),
            $this->lagAt($n) + 1 => array_fill(0, count($seconds), 1.0),
        ];
        foreach ($nudged as $place => $steps) {
            $slopes[$place] = self::slope($shown, Thermocouple::reads($this->course($log, $steps), $lag, $seconds));
        }

        return $slopes;
    }

    /**
     * @param  list<float>  $near
     * @param  list<float>  $far
     * @return list<float>
     */
    private static function slope(array $near, array $far): array
    {
        return array_map(fn (float $a, float $b): float => ($b - $a) / self::NUDGE, $near, $far);
    }

    /** @param  array<int, float>  $x */
    private function simulation(Oven $oven, array $x, float $toleranceK): Simulation
    {
        $load = $this->run->load;
        foreach ($this->kinds as $i => $place) {
            $h = $load[$i]->convectionWPerM2K ?? $oven->convectionWPerM2K;
            $load[$i] = $load[$i]->withConvection($h * exp($x[$place]));
        }

        return new Simulation($oven, array_values($load), $this->run->schedule, 1.0, $toleranceK);
    }

    /**
     * @param  array<int, float>  $x
     * @return list<Step>
     */
    private function along(Oven $oven, array $x): array
    {
        return $this->simulation($oven, $x, Simulation::TOLERANCE_K)->along($this->steps);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Segment>
     */
    private function course(ThermocoupleLog $log, array $steps): array
    {
        $node = $log->item === ThermocoupleLog::AIR ? 0 : HeatBalance::ITEMS + $log->item;

        return array_map(fn (Step $step): Segment => $step->course($node), $steps);
    }

    /**
     * The samples' seconds by the oven's clock.
     *
     * @param  array<int, float>  $x
     * @return list<float>
     */
    private function seconds(array $x, ThermocoupleLog $log): array
    {
        $shift = max(-self::MOST_SHIFT_S, min(self::MOST_SHIFT_S, $x[$this->first]));

        return array_map(fn (float $s): float => $s + $shift, $log->seconds);
    }

    /** @param  array<int, float>  $x */
    private function lag(array $x, int $couple): float
    {
        return self::USUAL_LAG_S * exp(max(-4.0, min(2.5, $x[$this->lagAt($couple)])));
    }

    private function lagAt(int $couple): int
    {
        return $this->first + 1 + count($this->kinds) + 2 * $couple;
    }
}

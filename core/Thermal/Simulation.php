<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * Runs an oven and its load through time.
 *
 * Integrator: the linearly implicit Rosenbrock method RODAS3 of Sandu et al. (four stages, order 3 with an embedded
 * order 2, L-stable; Atmospheric Environment 31 (1997) 3459), with the step chosen so that one step's error stays
 * under TOLERANCE_K at every node. The air answers in seconds and the metal in minutes, so an explicit method
 * would crawl; this one strides.
 */
final readonly class Simulation
{
    /** Error allowed in one step, K. */
    public const TOLERANCE_K = 0.01;

    private const LONGEST_STEP_S = 900.0;

    /** @param  list<LoadItem>  $load */
    public function __construct(
        private Oven $oven,
        private array $load,
        private OvenSchedule $schedule,
        private float $exchange = 1.0,
        private float $toleranceK = self::TOLERANCE_K,
    ) {
    }

    /** @param  float  $endS s, above 0 */
    public function run(float $endS): Trajectory
    {
        $balance = $this->balance();

        return new Trajectory(iterator_to_array($this->stepsOf($balance, $endS), false), $balance, $this->load);
    }

    /** The equations of this load in this oven. */
    public function balance(): HeatBalance
    {
        $hottest = $this->schedule->setpointC;
        foreach ($this->schedule->setpointChanges as $change) {
            $hottest = max($hottest, $change['setpointC']);
        }

        return new HeatBalance($this->oven, $this->load, $this->schedule->ambientC, $hottest, $this->exchange);
    }

    /**
     * Steps as they are accepted, so that a caller can stop early.
     *
     * @return \Generator<int, Step>
     */
    public function stepsOf(HeatBalance $balance, float $endS): \Generator
    {
        $y = $this->start($balance);
        $t = 0.0;
        foreach ([...$this->switchTimes($endS), $endS] as $stop) {
            $this->switch($balance, $t);
            $f = $balance->slopes($y);
            $h = min(1.0, $stop - $t);
            while ($t < $stop) {
                [$next, $error] = $this->attempt($balance, $y, $f, $h);
                if ($error <= 1) {
                    $nextT = $stop - ($t + $h) < 1e-6 ? $stop : $t + $h;
                    $nextF = $balance->slopes($next);
                    yield new Step($t, $y, $f, $nextT, $next, $nextF);
                    [$t, $y, $f] = [$nextT, $next, $nextF];
                }
                $h *= max(0.2, min(4.0, 0.9 / max(1e-9, $error) ** (1 / 3)));
                $h = max(1e-4, min($h, self::LONGEST_STEP_S));
                $left = $stop - $t;
                if ($h > 0.999 * $left) {
                    $h = $left;
                } elseif ($h > $left / 2) {
                    $h = $left / 2;
                }
            }
        }
    }

    /**
     * This run along the steps of another with the same schedule, so that the difference of the two is smooth in
     * whatever the ovens or loads differ by.
     *
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    public function along(array $steps): array
    {
        $balance = $this->balance();
        $y = $this->start($balance);
        $switches = array_flip(array_map(strval(...), [0.0, ...$this->switchTimes(INF)]));
        $f = [];
        $along = [];
        foreach ($steps as $step) {
            if (isset($switches[(string) $step->fromS])) {
                $this->switch($balance, $step->fromS);
                $f = $balance->slopes($y);
            }
            [$next] = $this->attempt($balance, $y, $f, $step->toS - $step->fromS);
            $nextF = $balance->slopes($next);
            $along[] = new Step($step->fromS, $y, $f, $step->toS, $next, $nextF);
            [$y, $f] = [$next, $nextF];
        }

        return $along;
    }

    /** @return array<int, float> */
    private function start(HeatBalance $balance): array
    {
        $air = $this->schedule->airAtStartC();

        return $balance->start(
            $air,
            $this->schedule->startShellC ?? $this->oven->settledShellC($air, $this->schedule->ambientC),
        );
    }

    private function switch(HeatBalance $balance, float $second): void
    {
        $balance->switch(
            $this->schedule->setpointAt($second),
            $this->schedule->doorOpenAt($second),
            $this->schedule->poweredAt($second),
            $second,
        );
    }

    /** @return list<float> every second before the end at which the oven or the load changes, in order */
    private function switchTimes(float $endS): array
    {
        $out = array_map(fn (LoadItem $item): float => $item->outS ?? 0.0, $this->load);
        $leaves = array_filter($out, fn (float $second): bool => $second > 0 && $second < $endS);
        $times = array_values(array_unique([...$this->schedule->switchTimes($endS), ...$leaves]));
        sort($times);

        return $times;
    }

    /**
     * One RODAS3 step.
     *
     * @param  array<int, float>  $y
     * @param  array<int, float>  $f
     * @return array{array<int, float>, float} the new state, and the error as a multiple of the tolerance
     */
    private function attempt(HeatBalance $balance, array $y, array $f, float $h): array
    {
        $balance->factor($y, $f, 2 / $h);
        $k1 = $balance->solve($f);
        $r = $f;
        foreach ($r as $n => $slope) {
            $r[$n] = $slope + (4 * $k1[$n]) / $h;
        }
        $k2 = $balance->solve($r);
        $stage = $y;
        foreach ($stage as $n => $value) {
            $stage[$n] = $value + 2 * $k1[$n];
        }
        $r = $balance->slopes($stage);
        foreach ($r as $n => $slope) {
            $r[$n] = $slope + ($k1[$n] - $k2[$n]) / $h;
        }
        $k3 = $balance->solve($r);
        foreach ($stage as $n => $value) {
            $stage[$n] = $value + $k3[$n];
        }
        $r = $balance->slopes($stage);
        foreach ($r as $n => $slope) {
            $r[$n] = $slope + ($k1[$n] - $k2[$n] - (8 / 3) * $k3[$n]) / $h;
        }
        $k4 = $balance->solve($r);
        $worst = 0.0;
        foreach ($stage as $n => $value) {
            $stage[$n] = $value + $k4[$n];
            if ($n !== 2 && ($error = abs($k4[$n])) > $worst) {
                $worst = $error;
            }
        }

        return [$stage, is_finite($worst) ? $worst / $this->toleranceK : 1e9];
    }
}

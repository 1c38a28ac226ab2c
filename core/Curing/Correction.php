<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\Constant;

/**
 * What readings on the floor say about how well this oven heats this load.
 *
 * One factor s multiplies every item's h and F. It is fitted by least squares: each reading weighs 1/σ² with
 * σ = 4 K, and ln s has a normal prior about 0 with a standard deviation of 0.25.
 */
final readonly class Correction
{
    public const PRIOR_SIGMA = 0.25;

    /** @param  list<float>  $residualsK reading less corrected curve, K, in the order given */
    private function __construct(
        public float $factor,
        /** Standard deviation of ln s after the readings. */
        public float $sigma,
        public array $residualsK,
    ) {
    }

    /** Nothing was read: the model as it stands. */
    public static function none(): self
    {
        return new self(1.0, self::PRIOR_SIGMA, []);
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<Reading>  $readings
     */
    public static function fit(Oven $oven, array $load, OvenSchedule $schedule, array $readings): self
    {
        if ($readings === []) {
            return self::none();
        }
        $end = max(array_map(fn (Reading $reading): float => $reading->second, $readings));
        if ($end <= 0) {
            return self::none();
        }
        $predict = function (float $ln) use ($oven, $load, $schedule, $readings, $end): array {
            $run = (new Simulation($oven, $load, $schedule, exp($ln)))->run($end);

            return array_map(
                fn (Reading $reading): float => $run->surfaceC($reading->item, $reading->second),
                $readings,
            );
        };
        $ln = 0.0;
        $at = $predict($ln);
        for ($round = 0; $round < 8; $round++) {
            $nudged = $predict($ln + 0.02);
            $gradient = -$ln / self::PRIOR_SIGMA ** 2;
            $curvature = 1 / self::PRIOR_SIGMA ** 2;
            foreach ($readings as $i => $reading) {
                $slope = ($nudged[$i] - $at[$i]) / 0.02;
                $gradient += ($slope * ($reading->celsius - $at[$i])) / Constant::READING_SIGMA_K ** 2;
                $curvature += $slope ** 2 / Constant::READING_SIGMA_K ** 2;
            }
            $step = max(-0.4, min(0.4, $gradient / $curvature));
            $ln += $step;
            $at = $predict($ln);
            if (abs($step) < 1e-4) {
                break;
            }
        }

        return new self(
            exp($ln),
            1 / sqrt($curvature),
            array_map(fn (Reading $reading, float $c): float => $reading->celsius - $c, $readings, $at),
        );
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/**
 * An oven's figures from what its owner can answer: how it is heated, how big it is inside, how strong the fan
 * blows, and how many minutes it takes from cold to 200 °C with nothing in it.
 *
 * Losses and exchange come from the inside surface S and volume V with the per-area figures below. Where the heater's
 * plate is known, the shell's heat capacity is whatever makes the empty oven take its minutes; where it is not, the
 * shell is the usual one and the heater is whatever does. Logged curves refine all of it.
 */
final class OvenEstimate
{
    public const FANS = ['none' => 5.0, 'gentle' => 10.0, 'normal' => 16.0, 'strong' => 25.0];

    /** Air changes an hour through the vent, hot: combustion gases need more than electric elements. */
    public const HEATS = ['electric' => 8.0, 'gas_indirect' => 10.0, 'gas_direct' => 20.0];

    /** Wall loss with 100 mm of mineral wool, seams and through-metal included, W/(m²·K). */
    private const WALL_W_PER_M2K = 1.4;

    /** Warm air out and cold air in through an open doorway, by its own buoyancy, W/K for each m² of doorway. */
    private const DOOR_W_PER_M2K = 550.0;

    /** Air at 200 °C (0.746 kg/m³ × 1.01 kJ/kg K) and the thin things that follow it at once, kJ/K for each m³. */
    private const AIR_KJ_PER_M3K = 0.75 + 3.0;

    /**
     * Two skins of 1.2 mm sheet steel, half of one at oven temperature, with ducts and rack: heat that must go in
     * before the air is hot.
     */
    private const SHELL_KJ_PER_M2K = 10.0;

    private const AMBIENT_C = 20.0;

    private const TARGET_C = 200.0;

    /**
     * @param  string  $heat  a key of HEATS
     * @param  float  $widthM  inside, 0.2 to 20; likewise height and depth (to 50)
     * @param  string  $fan  a key of FANS
     * @param  float  $minutesTo200  from cold to 200 °C empty, 2 to 600
     * @param  float|null  $heaterKw  off the plate; null where unknown
     * @param  float  $maxC  hottest setpoint
     *
     * @throws InvalidInput naming the answer that cannot be, with the minutes that could
     */
    public static function from(
        string $heat,
        float $widthM,
        float $heightM,
        float $depthM,
        string $fan,
        float $minutesTo200,
        ?float $heaterKw = null,
        float $maxC = 230,
    ): Oven {
        $airChanges =
            self::HEATS[$heat] ??
            throw InvalidInput::outside('heat', $heat, 'one of '.implode(', ', array_keys(self::HEATS)));
        $h =
            self::FANS[$fan] ??
            throw InvalidInput::outside('fan', $fan, 'one of '.implode(', ', array_keys(self::FANS)));
        $width = Check::between('width_m', $widthM, 0.2, 20);
        $height = Check::between('height_m', $heightM, 0.2, 20);
        $depth = Check::between('depth_m', $depthM, 0.2, 50);
        Check::between('minutes_to_200', $minutesTo200, 2, 600);
        $surface = 2 * ($width * $height + $width * $depth + $height * $depth);
        $volume = $width * $height * $depth;
        $oven = fn (float $power, float $shellKjPerK): Oven => Oven::of(
            heaterKw: $power,
            bandK: 5,
            airKjPerK: self::AIR_KJ_PER_M3K * $volume,
            shellKjPerK: $shellKjPerK,
            airToShellWPerK: $h * $surface,
            shellLossWPerK: self::WALL_W_PER_M2K * $surface,
            ventWPerK: (0.746 * 1010 * $volume * $airChanges) / 3600,
            doorWPerK: self::DOOR_W_PER_M2K * $width * $height,
            convectionWPerM2K: $h,
            maxC: $maxC,
        );
        if ($heaterKw === null) {
            $shell = self::SHELL_KJ_PER_M2K * $surface;

            return $oven(
                round(
                    1 /
                        self::meet(
                            $minutesTo200,
                            fn (float $inverse): Oven => $oven(1 / $inverse, $shell),
                            1 / 5000,
                            1 / 0.05,
                        ),
                    2,
                ),
                $shell,
            );
        }

        return $oven(
            $heaterKw,
            round(
                self::meetByShell($minutesTo200, fn (float $shell): Oven => $oven($heaterKw, $shell), $surface),
                1,
            ),
        );
    }

    /**
     * The shell that makes the oven take its minutes with the heater it has.
     *
     * @param  callable(float): Oven  $oven
     */
    private static function meetByShell(float $minutes, callable $oven, float $surface): float
    {
        [$low, $high] = [0.2 * $surface, 300 * $surface];
        $kw = $oven($low)->heaterKw;
        $fastest = self::minutesTo200($oven($low));
        if ($fastest === null) {
            throw InvalidInput::outside(
                'heater_kw',
                $kw,
                'enough to reach 200 C at all against the losses of an oven this size',
            );
        }
        if ($minutes <= $fastest) {
            throw InvalidInput::outside(
                'minutes_to_200',
                $minutes,
                sprintf('above %.1f: %s kW cannot heat an oven this size faster', $fastest, $kw),
            );
        }
        $slowest = self::minutesTo200($oven($high)) ?? INF;
        if ($minutes >= $slowest) {
            throw InvalidInput::outside(
                'minutes_to_200',
                $minutes,
                sprintf(
                    'under %.1f: with %s kW and this fan the air is hot sooner, whatever the walls weigh',
                    $slowest,
                    $kw,
                ),
            );
        }

        return self::meet($minutes, $oven, $low, $high);
    }

    /**
     * The value at which the empty oven takes so many minutes; more of the value makes it slower.
     *
     * @param  callable(float): Oven  $oven
     */
    private static function meet(float $minutes, callable $oven, float $low, float $high): float
    {
        for ($round = 0; $round < 40 && $high / $low > 1.0005; $round++) {
            $middle = sqrt($low * $high);
            if ((self::minutesTo200($oven($middle)) ?? INF) > $minutes) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return sqrt($low * $high);
    }

    /** Minutes the empty oven takes from cold to 200 °C; null if it never gets there. */
    public static function minutesTo200(Oven $oven): ?float
    {
        $simulation = new Simulation(
            $oven,
            [],
            OvenSchedule::of(self::AMBIENT_C, self::TARGET_C + 2 * $oven->bandK, self::AMBIENT_C, self::AMBIENT_C),
        );
        $balance = $simulation->balance();
        foreach ($simulation->stepsOf($balance, 36000) as $step) {
            $crossing = $step->course(0)->crossing(self::TARGET_C);
            if ($crossing !== null) {
                return $crossing / 60;
            }
        }

        return null;
    }
}

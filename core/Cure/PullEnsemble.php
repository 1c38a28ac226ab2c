<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Heat\Oven;
use Aenum\Core\Heat\OvenSchedule;
use Aenum\Core\Heat\RecordedRun;
use Aenum\Core\Heat\Simulation;
use Aenum\Core\Unit\Constant;

/**
 * When to pull, as far as a few readings tell it: not of one oven, but of a crowd of ovens that could be this one.
 *
 * Each member has its eight figures up to SPREAD off those of the model, laid out evenly (Halton's sequence). What was
 * read of the parts, and what the oven's display showed then, moves each of them (an ensemble smoother with multiple
 * data assimilation, Emerick and Reynolds 2013), and each is followed to its own pull. The band is cut from their pulls
 * so that the truth lies in it two times in three and a little more, which tests/Bench/correct.php measures.
 */
final readonly class PullEnsemble
{
    /** An oven that no log has taught is this far off its figures, either way. */
    public const SPREAD = 0.4;

    /** The pull told is late for so many of the crowd: leaning late rather than early. */
    private const LEAN = 0.74;

    /** Where the band is cut from the crowd, so that the truth lies in it two times in three: measured. */
    private const LOW = 0.28;

    private const HIGH = 0.84;

    private const MEMBERS = 90;

    /** A large load is followed by a smaller crowd, so that an answer comes within a second: members times kinds. */
    private const WORK = 900;

    private const LEAST_MEMBERS = 40;

    /** Rounds of the smoother; each takes the readings at a part of their weight. */
    private const ROUNDS = 3;

    /** What a display shows is the air within this, K. House figure. */
    private const DISPLAY_SIGMA_K = 2.0;

    /** Error allowed in a step of one member's run, K. */
    private const TOLERANCE_K = 0.05;

    private const HORIZON_MINUTES = 10080.0;

    private const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53];

    /**
     * @param  float  $exchange  the crowd's middle factor on the oven's h
     * @param  float|null  $minutes  of the run, when to pull; null where it is never done
     * @param  float|null  $lowMinutes  two times in three the true pull lies between this
     * @param  float|null  $highMinutes  and this
     * @param  float  $spoiltShare  of the crowd that is over-baked before it is done
     */
    private function __construct(
        public float $exchange,
        public ?float $minutes,
        public ?float $lowMinutes,
        public ?float $highMinutes,
        public float $spoiltShare,
    ) {
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<Aim>  $aims
     * @param  list<Reading>  $readings
     * @param  list<array{float, float}>  $displays  second of the run, and the air as the oven shows it, °C
     */
    public static function of(
        Oven $oven,
        array $load,
        array $aims,
        OvenSchedule $schedule,
        BakeRules $rules,
        array $readings,
        array $displays = [],
    ): self {
        $members = max(self::LEAST_MEMBERS, min(self::MEMBERS, intdiv(self::WORK, count($load))));
        $crowd = [];
        for ($n = 0; $n < $members; $n++) {
            $crowd[] = array_map(
                fn (int $prime): float => log(1 - self::SPREAD + 2 * self::SPREAD * self::halton($n + 1, $prime)),
                array_slice(self::PRIMES, 0, 8),
            );
        }
        $seen = [
            ...array_map(fn (Reading $one): float => $one->celsius, $readings),
            ...array_map(fn (array $one): float => $one[1], $displays),
        ];
        $sigma = [
            ...array_fill(0, count($readings), Constant::READING_SIGMA_K),
            ...array_fill(0, count($displays), self::DISPLAY_SIGMA_K),
        ];
        $end = max([0.0, ...array_map(fn (Reading $one): float => $one->second, $readings),
            ...array_column($displays, 0)]);
        for ($round = 0; $end > 0 && $round < self::ROUNDS; $round++) {
            $predicted = array_map(function (array $member) use ($oven, $load, $schedule, $end, $readings, $displays) {
                $made = self::oven($oven, $member);
                $run = (new Simulation($made, $load, $schedule, 1.0, self::TOLERANCE_K))->run($end);

                return [
                    ...array_map(fn (Reading $one): float => $run->surfaceC($one->item, $one->second), $readings),
                    ...array_map(fn (array $one): float => $run->airC($one[0]), $displays),
                ];
            }, $crowd);
            $crowd = self::moved($crowd, $predicted, $seen, $sigma, $round);
        }

        return self::told($oven, $load, $aims, $schedule, $rules, $crowd);
    }

    /** What the figures are, and what speaks against waiting for them. */
    public function why(): string
    {
        $says = $this->minutes === null
            ? 'Most ovens that would read so never get it done at this setpoint.'
            : 'Measured over unknown ovens the true pull lies in the band two times in three; the minutes lean late.';

        return $this->spoiltShare > 0.5
            ? $says.' By then something is past its over-bake limit, or hotter than it may get.'
            : $says;
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<Aim>  $aims
     * @param  list<list<float>>  $crowd
     */
    private static function told(
        Oven $oven,
        array $load,
        array $aims,
        OvenSchedule $schedule,
        BakeRules $rules,
        array $crowd,
    ): self {
        $pulls = [];
        $spoilt = 0;
        foreach ($crowd as $member) {
            $tape = new RecordedRun(
                new Simulation(self::oven($oven, $member), $load, $schedule, 1.0, self::TOLERANCE_K),
                60 * self::HORIZON_MINUTES,
            );
            $attempt = (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow();
            $pulls[] = $attempt->outcome === Outcome::NeverDone ? INF : $attempt->pullS / 60;
            $spoilt += $attempt->outcome === Outcome::Overbakes ? 1 : 0;
        }
        sort($pulls);
        $convection = array_map(fn (array $member): float => exp($member[0]), $crowd);
        sort($convection);
        $finite = fn (float $minutes): ?float => is_finite($minutes) ? round($minutes, 2) : null;

        return new self(
            round(self::at($convection, 0.5), 3),
            $finite(self::at($pulls, self::LEAN)),
            $finite(self::at($pulls, self::LOW)),
            $finite(self::at($pulls, self::HIGH)),
            $spoilt / count($crowd),
        );
    }

    /** @param  list<float>  $sorted */
    private static function at(array $sorted, float $share): float
    {
        return $sorted[(int) round($share * (count($sorted) - 1))];
    }

    /**
     * Each member moved by what was seen, as far as the crowd's own correlations carry it.
     *
     * @param  list<list<float>>  $crowd
     * @param  list<list<float>>  $predicted  by member
     * @param  list<float>  $seen
     * @param  list<float>  $sigma
     * @return list<list<float>>
     */
    private static function moved(array $crowd, array $predicted, array $seen, array $sigma, int $round): array
    {
        $n = count($crowd);
        $m = count($seen);
        $mean = fn (array $rows, int $j): float => array_sum(array_column($rows, $j)) / $n;
        $meanY = array_map(fn (int $j): float => $mean($predicted, $j), range(0, $m - 1));
        $meanX = array_map(fn (int $i): float => $mean($crowd, $i), range(0, 7));
        $cyy = array_fill(0, $m, array_fill(0, $m, 0.0));
        $cxy = array_fill(0, 8, array_fill(0, $m, 0.0));
        foreach ($crowd as $k => $member) {
            for ($j = 0; $j < $m; $j++) {
                $dy = $predicted[$k][$j] - $meanY[$j];
                for ($l = 0; $l < $m; $l++) {
                    $cyy[$j][$l] += $dy * ($predicted[$k][$l] - $meanY[$l]) / ($n - 1);
                }
                for ($i = 0; $i < 8; $i++) {
                    $cxy[$i][$j] += ($member[$i] - $meanX[$i]) * $dy / ($n - 1);
                }
            }
        }
        for ($j = 0; $j < $m; $j++) {
            $cyy[$j][$j] += self::ROUNDS * $sigma[$j] ** 2;
        }
        $edge = log(1 - self::SPREAD - 0.1);
        $far = log(1 + self::SPREAD + 0.1);
        $moved = [];
        foreach ($crowd as $k => $member) {
            $miss = [];
            for ($j = 0; $j < $m; $j++) {
                $noise = sqrt(self::ROUNDS) * $sigma[$j] * self::normal($k + 1, 8 + (($j + $round * $m) % 8));
                $miss[] = $seen[$j] + $noise - $predicted[$k][$j];
            }
            $gain = self::solve($cyy, $miss);
            $next = [];
            foreach ($member as $i => $x) {
                for ($j = 0; $j < $m; $j++) {
                    $x += $cxy[$i][$j] * $gain[$j];
                }
                $next[] = max($edge, min($far, $x));
            }
            $moved[] = $next;
        }

        return $moved;
    }

    /** @param  list<float>  $member  logarithms of the factors on the eight figures */
    private static function oven(Oven $oven, array $member): Oven
    {
        [$h, $heater, $air, $shell, $exchange, $loss, $vent, $door] = array_map(exp(...), $member);

        return Oven::of(
            $heater * $oven->heaterKw,
            $oven->bandK,
            $air * $oven->airKjPerK,
            $shell * $oven->shellKjPerK,
            $exchange * $oven->airToShellWPerK,
            $loss * $oven->shellLossWPerK,
            $vent * $oven->ventWPerK,
            $door * $oven->doorWPerK,
            $h * $oven->convectionWPerM2K,
            $oven->maxC,
        );
    }

    private static function halton(int $n, int $base): float
    {
        $sum = 0.0;
        for ($part = 1.0 / $base; $n > 0; $n = intdiv($n, $base), $part /= $base) {
            $sum += $part * ($n % $base);
        }

        return $sum;
    }

    /** One of an even spread of standard normal numbers (Box and Muller on two of Halton's). */
    private static function normal(int $n, int $at): float
    {
        $u = self::halton($n, self::PRIMES[$at]);
        $v = self::halton($n, self::PRIMES[8 + ($at - 7) % 8]);

        return sqrt(-2 * log(max(1e-9, $u))) * cos(2 * M_PI * $v);
    }

    /**
     * @param  array<int, array<int, float>>  $m  symmetric and positive
     * @param  list<float>  $r
     * @return list<float>
     */
    private static function solve(array $m, array $r): array
    {
        $n = count($r);
        for ($k = 0; $k < $n; $k++) {
            for ($i = $k + 1; $i < $n; $i++) {
                $by = $m[$i][$k] / $m[$k][$k];
                for ($j = $k; $j < $n; $j++) {
                    $m[$i][$j] -= $by * $m[$k][$j];
                }
                $r[$i] -= $by * $r[$k];
            }
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($j = $i + 1; $j < $n; $j++) {
                $r[$i] -= $m[$i][$j] * $r[$j];
            }
            $r[$i] /= $m[$i][$i];
        }

        return array_values($r);
    }
}

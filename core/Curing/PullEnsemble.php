<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Cholesky;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenCalibration;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\Constant;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

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

    /**
     * Where a crowd is cut, so that the truth lies in the band two times in three, and for how many of it the pull
     * told is late: low edge, told, high edge. Measured, for ovens no log has taught and for those one has.
     */
    private const UNTAUGHT = [0.28, 0.74, 0.84];

    private const TAUGHT = [0.1, 0.6, 0.9];

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

    /** The crowd is the same for the same question. */
    private const SEED = 20260501;

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
     * Of a cure.
     *
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     * @param  list<Reading>  $readings
     * @param  list<array{float, float}>  $displays  second of the run, and the air as the oven shows it, °C
     * @param  OvenCalibration|null  $lesson  what logs have taught of the oven; null where none has
     */
    public static function of(
        Oven $oven,
        array $load,
        array $aims,
        OvenSchedule $schedule,
        BakeRules $rules,
        array $readings,
        array $displays = [],
        ?OvenCalibration $lesson = null,
    ): self {
        $pull = function (RecordedRun $tape) use ($load, $aims, $schedule, $rules): array {
            $attempt = (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow();

            return [
                $attempt->outcome === Outcome::NeverDone ? null : $attempt->pullS / 60,
                $attempt->outcome === Outcome::Overbakes,
            ];
        };

        return self::crowd($oven, $load, $schedule, $pull, $readings, $displays, $lesson);
    }

    /**
     * Of a bake-out: the first items are to be held so long at so much.
     *
     * @param  list<LoadItem>  $load
     * @param  list<Reading>  $readings
     * @param  list<array{float, float}>  $displays
     */
    public static function ofHold(
        Oven $oven,
        array $load,
        int $items,
        OvenSchedule $schedule,
        float $targetC,
        float $holdMinutes,
        array $readings,
        array $displays = [],
        ?OvenCalibration $lesson = null,
    ): self {
        $pull = fn (RecordedRun $tape): array => [
            BakeOut::readyIn($tape, $items, $targetC, $holdMinutes),
            false,
        ];

        return self::crowd($oven, $load, $schedule, $pull, $readings, $displays, $lesson);
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  \Closure(RecordedRun): array{?float, bool}  $pull  minutes of the run at which a member is done, and
     *      whether something is spoilt by then
     * @param  list<Reading>  $readings
     * @param  list<array{float, float}>  $displays
     */
    private static function crowd(
        Oven $oven,
        array $load,
        OvenSchedule $schedule,
        \Closure $pull,
        array $readings,
        array $displays,
        ?OvenCalibration $lesson,
    ): self {
        $members = max(self::LEAST_MEMBERS, min(self::MEMBERS, intdiv(self::WORK, count($load))));
        $crowd = $lesson === null ? self::untaught($members) : self::taught($members, count($load), $lesson);
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
                $run = self::run($oven, $load, $schedule, $member)->run($end);

                return [
                    ...array_map(fn (Reading $one): float => $run->surfaceC($one->item, $one->second), $readings),
                    ...array_map(fn (array $one): float => $run->airC($one[0]), $displays),
                ];
            }, $crowd);
            $crowd = self::moved($crowd, $predicted, $seen, $sigma, $round);
        }

        $cut = $lesson === null ? self::UNTAUGHT : self::TAUGHT;

        return self::told($oven, $load, $schedule, $pull, $crowd, $cut);
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
     * @param  \Closure(RecordedRun): array{?float, bool}  $pull
     * @param  list<list<float>>  $crowd
     * @param  array{float, float, float}  $cut
     */
    private static function told(
        Oven $oven,
        array $load,
        OvenSchedule $schedule,
        \Closure $pull,
        array $crowd,
        array $cut,
    ): self {
        $pulls = [];
        $spoilt = 0;
        foreach ($crowd as $member) {
            $tape = new RecordedRun(
                self::run($oven, $load, $schedule, $member),
                60 * self::HORIZON_MINUTES,
            );
            [$minutes, $isSpoilt] = $pull($tape);
            $pulls[] = $minutes ?? INF;
            $spoilt += $isSpoilt ? 1 : 0;
        }
        sort($pulls);
        $convection = array_map(fn (array $member): float => exp($member[0]), $crowd);
        sort($convection);
        $finite = fn (float $minutes): ?float => is_finite($minutes) ? round($minutes, 2) : null;

        return new self(
            round(self::at($convection, 0.5), 3),
            $finite(self::at($pulls, $cut[1])),
            $finite(self::at($pulls, $cut[0])),
            $finite(self::at($pulls, $cut[2])),
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
        $width = count($crowd[0]);
        $meanX = array_map(fn (int $i): float => $mean($crowd, $i), range(0, $width - 1));
        $cyy = array_fill(0, $m, array_fill(0, $m, 0.0));
        $cxy = array_fill(0, $width, array_fill(0, $m, 0.0));
        foreach ($crowd as $k => $member) {
            for ($j = 0; $j < $m; $j++) {
                $dy = $predicted[$k][$j] - $meanY[$j];
                for ($l = 0; $l < $m; $l++) {
                    $cyy[$j][$l] += $dy * ($predicted[$k][$l] - $meanY[$l]) / ($n - 1);
                }
                for ($i = 0; $i < $width; $i++) {
                    $cxy[$i][$j] += ($member[$i] - $meanX[$i]) * $dy / ($n - 1);
                }
            }
        }
        for ($j = 0; $j < $m; $j++) {
            $cyy[$j][$j] += self::ROUNDS * $sigma[$j] ** 2;
        }
        $gains = Cholesky::of($cyy);
        $edge = log(1 - self::SPREAD - 0.1);
        $far = log(1 + self::SPREAD + 0.1);
        $moved = [];
        foreach ($crowd as $k => $member) {
            $miss = [];
            for ($j = 0; $j < $m; $j++) {
                $noise = sqrt(self::ROUNDS) * $sigma[$j] * self::normal($k + 1, 8 + (($j + $round * $m) % 8));
                $miss[] = $seen[$j] + $noise - $predicted[$k][$j];
            }
            $gain = $gains->solve($miss);
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

    /**
     * Ovens that are anything up to SPREAD off their figures.
     *
     * @return list<list<float>>
     */
    private static function untaught(int $members): array
    {
        return array_map(fn (int $n): array => array_map(
            fn (int $prime): float => log(1 - self::SPREAD + 2 * self::SPREAD * self::halton($n, $prime)),
            array_slice(self::PRIMES, 0, 8),
        ), range(1, $members));
    }

    /**
     * Ovens as the logs leave them open, and parts whose own h differ as the logs have seen.
     *
     * @return list<list<float>>
     */
    private static function taught(int $members, int $kinds, OvenCalibration $lesson): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar(self::SEED));
        $chance = fn (): float => $dice->getInt(1, 2 ** 31 - 1) / 2 ** 31;
        $crowd = [];
        for ($n = 0; $n < $members; $n++) {
            $z = [];
            for ($k = 0; $k < 8 + $kinds; $k++) {
                $z[] = sqrt(-2 * log($chance())) * cos(2 * M_PI * $chance());
            }
            $crowd[] = $lesson->member($z);
        }

        return $crowd;
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<float>  $member  logarithms of the factors on the eight figures, and on the h of each kind
     */
    private static function run(Oven $oven, array $load, OvenSchedule $schedule, array $member): Simulation
    {
        $made = $oven->times(array_map(exp(...), array_slice($member, 0, 8)));
        $load = array_map(
            fn (LoadItem $item, float $own): LoadItem => $own === 0.0 ? $item : $item->withConvection(
                ($item->convectionWPerM2K ?? $made->convectionWPerM2K) * exp($own),
            ),
            $load,
            array_pad(array_slice($member, 8), count($load), 0.0),
        );

        return new Simulation($made, $load, $schedule, 1.0, self::TOLERANCE_K);
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
}

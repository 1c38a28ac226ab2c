<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Cli\Console;
use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** The band holds what it says, over ovens the model does not know. */
final class PullEnsembleTest extends TestCase
{
    private static function schedule(): OvenSchedule
    {
        return OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
    }

    /**
     * @param  bool  $rides  a logger on every part and on the air instead of one reading
     * @return array{float, PullEnsemble} the true pull, and what is told after one reading and the display
     */
    private static function hidden(int $seed, bool $display = true, bool $rides = false): array
    {
        mt_srand($seed);
        $f = fn (): float => 0.6 + 0.8 * mt_rand() / mt_getrandmax();
        $oven = Oven::of(
            $f() * 36, 5, $f() * 45, $f() * 260, $f() * 520, $f() * 45, $f() * 60, $f() * 2200, $f() * 16, 230,
        );
        $load = [Loads::item(), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')];
        $aims = array_fill(0, 2, CureTarget::fullCure(Loads::sheet([[180, 18, null], [200, 8, null]])));
        $tape = new RecordedRun(new Simulation($oven, $load, self::schedule()), 36000);
        $pull = (new AttemptRun($tape, $load, $aims, self::schedule(), BakeRules::of()))->follow()->pullS / 60;
        $second = 30 * $pull;
        $run = $tape->until($second, $load);
        $noise = 3 * ($f() - 1) * 2;
        $readings = $air = [];
        foreach ($rides ? [0, 1, 2] : [] as $n) {
            $at = $second - 240.0 * $n;
            foreach (array_keys($load) as $i) {
                $readings[] = Reading::of($i, $at, $run->surfaceC($i, $at) + 2 * ($f() - 1));
            }
            $air[] = [$at, $run->airC($at) + 2 * ($f() - 1)];
        }

        return [$pull, PullEnsemble::of(
            Loads::oven(), $load, $aims, self::schedule(), BakeRules::of(),
            $readings ?: [Reading::of(0, $second, $run->surfaceC(0, $second) + $noise)],
            $air ?: ($display ? [[$second, $run->airC($second)]] : []),
        )];
    }

    public function test_two_in_three_are_two_in_three_and_hardly_any_is_told_far_too_early(): void
    {
        $in = $early = 0;
        $off = $width = [];
        for ($seed = 1; $seed <= 24; $seed++) {
            [$pull, $told] = self::hidden($seed);
            $in += $pull >= $told->lowMinutes && $pull <= $told->highMinutes ? 1 : 0;
            $early += $told->minutes < 0.9 * $pull ? 1 : 0;
            $off[] = $told->minutes / $pull - 1;
            $width[] = ($told->highMinutes - $told->lowMinutes) / $pull;
        }
        sort($off);
        sort($width);
        self::assertGreaterThanOrEqual(14, $in);
        self::assertLessThanOrEqual(22, $in);
        self::assertLessThanOrEqual(2, $early);
        self::assertLessThan(0.15, $width[12]);
        self::assertGreaterThan(-0.02, $off[12]);
        self::assertLessThan(0.06, $off[12]);
    }

    public function test_with_a_logger_on_everything_nineteen_in_twenty_are_that(): void
    {
        $in = 0;
        for ($seed = 1; $seed <= 8; $seed++) {
            [$pull, $told] = self::hidden($seed, rides: true);
            $in += $pull >= $told->lowMinutes && $pull <= $told->highMinutes ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(7, $in, '19 in 20, of 8; tests/Bench/correct.php tries hundreds');
    }

    public function test_what_the_display_shows_is_taken_and_an_answer_is_always_the_same(): void
    {
        self::assertNotEquals(self::hidden(3)[1], self::hidden(3, false)[1]);
        self::assertEquals(self::hidden(3)[1], self::hidden(3)[1]);
    }

    public function test_the_command_answers_and_refuses_by_name(): void
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../cases/plan-01-mixed.load.json'), true);
        $file['oven']['setpoint_c'] = 205;
        $good = ['readings' => [['item' => 'bench end', 'at_min' => 18, 'c' => 150, 'display_c' => 203]]] + $file;
        [$code, $out] = self::run_($good, 'correct');
        self::assertSame(0, $code);
        $answer = json_decode($out, true);
        self::assertSame(['format', 'exchange', 'minutes', 'low_min', 'high_min', 'why'], array_keys($answer));
        self::assertLessThan($answer['high_min'], $answer['minutes']);
        self::assertGreaterThan($answer['low_min'], $answer['minutes']);
        foreach ([
            'readings is missing' => $file,
            'readings[0].item' => ['readings' => [['item' => 'x', 'at_min' => 18, 'c' => 150]]] + $file,
            'readings[0].at_min' => ['readings' => [['item' => 'bench end', 'at_min' => 0, 'c' => 150]]] + $file,
            'readings[0].c' => ['readings' => [['item' => 'bench end', 'at_min' => 1, 'c' => 900]]] + $file,
            'run' => ['run' => ['minutes' => 9]] + $good,
        ] as $says => $wrong) {
            [$code, , $err] = self::run_($wrong, 'correct');
            self::assertSame(2, $code);
            self::assertStringContainsString($says, $err);
        }
        self::assertSame(2, self::run_($good, 'plan')[0]);
        $cold = $good;
        $cold['oven']['setpoint_c'] = 140;
        $never = json_decode(self::run_($cold, 'correct')[1], true);
        self::assertNull($never['minutes']);
        self::assertStringContainsString('never', $never['why']);
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array{int, string, string}
     */
    private static function run_(array $file, string $command): array
    {
        $out = $err = '';
        $console = new Console(
            fn (string $name): string => (string) json_encode($file),
            function (string $text) use (&$out): void {
                $out .= $text;
            },
            function (string $text) use (&$err): void {
                $err .= $text;
            },
            fn (): float => 0.0,
        );

        return [$console->run([$command, '-']), $out, $err];
    }
}

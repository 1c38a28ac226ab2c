<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Cli\Console;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayFileTest extends TestCase
{
    private const CASE = __DIR__.'/../../cases/day/day-01-small.day.json';

    /**
     * @param  list<string>  $options
     * @return array{int, string, string} exit code, output, error
     */
    private static function aenum(string $file, array $options = ['--steps', '5']): array
    {
        $out = $err = '';
        $console = new Console(
            fn (): string => $file,
            function (string $text) use (&$out): void {
                $out .= $text;
            },
            function (string $text) use (&$err): void {
                $err .= $text;
            },
            fn (): float => 1.0,
        );

        return [$console->run(['day', '-', ...$options]), $out, $err];
    }

    /** @return array<string, mixed> */
    private static function file(): array
    {
        $file = json_decode((string) file_get_contents(self::CASE), true);
        self::assertIsArray($file);

        return $file;
    }

    public function test_a_plan_says_what_it_comes_to_and_every_step(): void
    {
        [$code, $out, $err] = self::aenum((string) file_get_contents(self::CASE));
        self::assertSame([0, ''], [$code, $err]);
        $plan = json_decode($out, true);
        self::assertIsArray($plan);
        self::assertSame(
            ['format', 'late_min', 'makespan_min', 'change_min', 'bound_min', 'steps', 'why'],
            array_keys($plan),
        );
        self::assertCount(39, $plan['steps']);
        self::assertSame(['job', 'step', 'on', 'who', 'from_min', 'to_min'], array_keys($plan['steps'][0]));
        self::assertSame('aenum-day-plan/1', $plan['format']);
        // With no seconds left it ends with what it began with; all rules hold all the same.
        self::assertSame(0, self::aenum((string) file_get_contents(self::CASE), ['--seconds', '0.05'])[0]);
    }

    /** @return array<string, array{\Closure(array<string, mixed>): array<string, mixed>, string}> */
    public static function wrong(): array
    {
        $in = fn (string $path, mixed $value): \Closure => function (array $file) use ($path, $value): array {
            $at = &$file;
            foreach (explode('.', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;

            return $file;
        };

        return [
            'another format' => [$in('format', 'aenum-day/2'), 'format is "aenum-day/2"'],
            'an aim there is not' => [$in('aim', 'fun'), 'aim is "fun"; allowed: one of due, makespan'],
            'no jobs' => [$in('jobs', []), 'jobs is an empty list'],
            'a step nowhere' => [$in('jobs.0.steps.0.on', ['moon']), 'jobs[0].steps[0].on is "moon"'],
            'minutes under nought' => [$in('jobs.0.steps.0.minutes', -1), 'jobs[0].steps[0].minutes is -1'],
            'hands longer than it' => [$in('jobs.0.steps.0.hands_min', 56), 'jobs[0].steps[0].hands_min is 56'],
            'a most under a least' => [$in('jobs.0.steps.3.wait_max', 24), 'jobs[0].steps[3].wait_max is 24'],
            'one key twice' => [$in('jobs.1.key', 'J1'), 'jobs[1].key is "J1"'],
            'one step twice' => [$in('jobs.0.steps.1.key', 'blast'), 'jobs[0].steps[1].key is "blast"'],
            'a span backwards' => [$in('machines.1.open', [[9, 9]]), 'machines[1].open[0] is 9'],
            'a change under nought' => [
                $in('machines.6.change_min.pairs', ['a>b' => -1]), 'machines[6].change_min.a>b is -1',
            ],
            'hands of no kind' => [$in('jobs.0.steps.0.who', null), 'jobs[0].steps[0].who is missing'],
            'means there are not' => [$in('jobs.0.steps.0.takes', ['rack' => 1]), 'jobs[0].steps[0].takes.rack'],
            'begun elsewhere' => [
                $in('begun', [['job' => 'J1', 'step' => 'blast', 'on' => 'booth', 'from_min' => 0]]),
                'begun[0].on is "booth"',
            ],
            'begun out of order' => [
                $in('begun', [['job' => 'J1', 'step' => 'mask', 'on' => 'mask bench 1', 'from_min' => 0]]),
                'begun[0].step is "mask"',
            ],
            'a key unknown' => [$in('tea', 1), 'tea is not a known key'],
        ];
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('wrong')]
    public function test_a_refusal_names_the_field_the_value_and_what_is_allowed(\Closure $spoil, string $says): void
    {
        [$code, $out, $err] = self::aenum((string) json_encode($spoil(self::file())));
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($says, $err);
        self::assertStringContainsString('allowed:', $err);
        self::assertSame(1, substr_count($err, "\n"));
    }

    public function test_options_outside_their_range_are_refused(): void
    {
        $file = (string) file_get_contents(self::CASE);
        foreach ([['--seconds', '0.04'], ['--seconds', '601'], ['--steps', '-1'], ['--seed', 'x']] as $options) {
            [$code, , $err] = self::aenum($file, $options);
            self::assertSame(2, $code);
            self::assertStringContainsString("{$options[0]} is \"{$options[1]}\"", $err);
        }
    }

    /** Bytes turned by chance: a plan or a refusal in one line, never anything else. */
    public function test_a_spoiled_file_is_refused_and_never_breaks(): void
    {
        $text = (string) file_get_contents(self::CASE);
        $random = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar(11));
        $codes = [];
        for ($n = 0; $n < 250; $n++) {
            $spoiled = $text;
            for ($k = 0; $k <= $random->getInt(0, 2); $k++) {
                $spoiled[$random->getInt(0, strlen($text) - 1)] = '09.-,:"[]{}ae '[$random->getInt(0, 13)];
            }
            [$code, $out, $err] = self::aenum($spoiled, ['--steps', '0']);
            $codes[$code] = true;
            self::assertSame($code === 0 ? 0 : 1, substr_count($err, "\n"));
            self::assertSame($code !== 0, $out === '');
        }
        ksort($codes);
        self::assertSame([0, 2], array_keys($codes));
    }
}

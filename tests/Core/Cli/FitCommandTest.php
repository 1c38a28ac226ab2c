<?php

declare(strict_types=1);

namespace Tests\Core\Cli;

use Aenum\Core\Cli\Console;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** bin/aenum fit: what comes out, and one line for whatever cannot go in. */
final class FitCommandTest extends TestCase
{
    /** @return array<string, mixed> a file of one run of an oven with another fan */
    private static function file(): array
    {
        $oven = ['band_k' => 5, 'max_c' => 230];
        foreach (OvenFigure::cases() as $figure) {
            $oven[$figure->value] = $figure->in(Loads::oven());
        }
        $schedule = OvenSchedule::of(20, 200, 20, 20, [Door::opened(0, 60)]);
        $run = (new Simulation(
            Loads::oven()->times([0.7, 1, 1, 1, 1, 1, 1, 1]),
            [Loads::item('bench end', 24, 1.15, 2, 'cast_iron', 1.0)],
            $schedule,
        ))->run(3600);
        $t = range(-60, 3000, 30);

        return [
            'format' => 'aenum-fit/1',
            'oven' => $oven,
            'runs' => [[
                'load' => [
                    'format' => 'aenum-load/1',
                    'ambient_c' => 20,
                    'oven' => $oven + [
                        'setpoint_c' => 200, 'door_open_s' => 60, 'start_c' => 20, 'start_shell_c' => 20,
                    ],
                    'items' => [[
                        'name' => 'bench end', 'count' => 2, 'material' => 'cast_iron', 'mass_kg' => 24,
                        'area_m2' => 1.15,
                    ]],
                ],
                'log' => [
                    't_s' => $t,
                    'columns' => [
                        ['of' => 'air', 'c' => array_map(fn (int $s): float => $run->airC($s + 60), $t)],
                        ['of' => 'bench end', 'c' => [null, ...array_map(
                            fn (int $s): float => $run->coreC(0, $s + 60),
                            array_slice($t, 1),
                        )]],
                    ],
                ],
            ]],
        ];
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array{int, string, string}
     */
    private static function aenum(array $file): array
    {
        $out = $err = '';
        $code = (new Console(
            fn (): string => json_encode($file, JSON_THROW_ON_ERROR),
            function (string $text) use (&$out): void {
                $out .= $text;
            },
            function (string $text) use (&$err): void {
                $err .= $text;
            },
            fn (): float => 0.0,
        ))->run(['fit', '-']);

        return [$code, $out, $err];
    }

    public function test_it_tells_the_figures_and_gives_the_oven_back(): void
    {
        [$code, $out] = self::aenum(self::file());
        self::assertSame(0, $code);
        $told = json_decode($out, true);
        self::assertSame('aenum-fitted/1', $told['format']);
        self::assertSame(array_column(OvenFigure::cases(), 'value'), array_keys($told['figures']));
        self::assertEqualsWithDelta(0.7 * 16, $told['figures']['convection_w_per_m2k']['to'], 0.4);
        self::assertTrue($told['figures']['convection_w_per_m2k']['told']);
        self::assertLessThan($told['residual_before_k'] / 10, $told['residual_after_k']);
        self::assertCount(2, $told['delay_s']);
        self::assertEqualsCanonicalizing(array_keys(self::file()['oven']), array_keys($told['oven']));
        self::assertEquals(230, $told['oven']['max_c']);
        self::assertSame($told['figures']['heater_kw']['to'], $told['oven']['heater_kw']);
    }

    public function test_the_ovens_own_figures_win_over_those_of_a_run(): void
    {
        $file = self::file();
        $file['runs'][0]['load']['oven']['convection_w_per_m2k'] = 90;
        self::assertSame(self::aenum(self::file())[1], self::aenum($file)[1]);
    }

    /** @return array<string, array{\Closure(array<string, mixed>): array<string, mixed>, string}> */
    public static function refusals(): array
    {
        $set = fn (string $path, mixed $value): \Closure => function (array $file) use ($path, $value): array {
            $at = &$file;
            foreach (explode('.', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;

            return $file;
        };

        return [
            'format' => [$set('format', 'aenum-load/1'), 'format'],
            'a setpoint for the oven' => [$set('oven.setpoint_c', 200), 'oven.setpoint_c'],
            'no runs' => [$set('runs', []), 'runs'],
            'an unknown key' => [$set('runs.0.logs', []), 'runs[0].logs'],
            'a powder' => [
                $set('runs.0.load.powder', ['chemistry' => 'polyester', 'rows' => [['pmt_c' => 200, 'min' => 8]]]),
                'runs[0].load.powder',
            ],
            'readings' => [
                $set('runs.0.load.readings', [['item' => 'bench end', 'at_min' => 3, 'c' => 90]]),
                'runs[0].load.readings',
            ],
            'no setpoint' => [fn (array $f): array => self::without($f), 'runs[0].load.oven.setpoint_c'],
            'an item named air' => [$set('runs.0.load.items.0.name', 'air'), 'runs[0].load.items[0].name'],
            'a mass of nothing' => [$set('runs.0.load.items.0.mass_kg', 0), 'runs[0].load.items[0].mass_kg'],
            'seconds that fall' => [$set('runs.0.log.t_s.4', -60), 'runs[0].log.t_s[4]'],
            'a second as text' => [$set('runs.0.log.t_s.4', '5'), 'runs[0].log.t_s[4]'],
            'a column of nothing' => [$set('runs.0.log.columns.1.of', 'panel'), 'runs[0].log.columns[1].of'],
            'a column too short' => [$set('runs.0.log.columns.1.c', [20.0]), 'runs[0].log.columns[1].c'],
            'too hot' => [$set('runs.0.log.columns.1.c.7', 700.1), 'runs[0].log.columns[1].c[7]'],
            'nothing but gaps' => [
                fn (array $f): array => $set('runs.0.log.columns.1.c', array_fill(0, 103, null))($f),
                'runs[0].log.columns[1].c',
            ],
        ];
    }

    /** @param  array<string, mixed>  $file */
    private static function without(array $file): array
    {
        unset($file['runs'][0]['load']['oven']['setpoint_c']);

        return $file;
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $wrong */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_is_refused_in_one_line_that_names_it(\Closure $wrong, string $place): void
    {
        [$code, $out, $err] = self::aenum($wrong(self::file()));
        self::assertSame(2, $code);
        self::assertSame('', $out);
        self::assertSame(1, substr_count($err, "\n"));
        self::assertStringStartsWith($place.' ', $err);
        self::assertStringContainsString('allowed', $err);
    }

    public function test_bounds_hold_on_both_sides(): void
    {
        $file = self::file();
        $file['runs'][0]['log']['columns'][1]['c'][7] = 700;
        self::assertSame(0, self::aenum($file)[0]);
        $file['runs'] = array_fill(0, 13, $file['runs'][0]);
        self::assertStringStartsWith('runs ', self::aenum($file)[2]);
    }
}

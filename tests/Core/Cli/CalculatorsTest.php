<?php

declare(strict_types=1);

namespace Tests\Core\Cli;

use Aenum\Core\Cli\Arguments;
use Aenum\Core\Cli\CalcCommand;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The small calculators against hand calculations. */
final class CalculatorsTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function calc(string $name, array $in): array
    {
        return (new CalcCommand())(
            Arguments::of(['calc', $name, '-']),
            fn (): string => json_encode($in, JSON_THROW_ON_ERROR),
        );
    }

    public function test_a_nozzle_and_its_compressor(): void
    {
        $out = self::calc('nozzle', ['bore_mm' => 8, 'pressure_bar' => 7]);
        self::assertEqualsWithDelta(0.078, $out['air_kg_s'], 0.0001);
        self::assertEqualsWithDelta(3.88, $out['free_air_m3_min'], 0.01);
        self::assertArrayNotHasKey('sustained_bar', $out);
        $fed = self::calc('nozzle', [
            'bore_mm' => 8,
            'pressure_bar' => 7,
            'compressor_m3_min' => 2.9,
            'new_bore_mm' => 6.5,
        ]);
        // Air goes with absolute pressure: 2.9/3.885 of 8.013 bar, less an atmosphere.
        self::assertEqualsWithDelta((2.9 / 3.88488) * 8.01325 - 1.01325, $fed['sustained_bar'], 0.001);
        self::assertEqualsWithDelta(8 * sqrt(2.9 / 3.88488), $fed['largest_bore_mm'], 0.001);
        self::assertEqualsWithDelta((8 / 6.5) ** 2, $fed['wear_factor'], 1e-4);
        self::assertEqualsWithDelta(
            7,
            self::calc('nozzle', ['bore_mm' => 8, 'pressure_bar' => 7, 'compressor_m3_min' => 9])['sustained_bar'],
            1e-9,
        );
    }

    public function test_the_dew_point_and_the_bare_steel_clock(): void
    {
        $out = self::calc('dewpoint', ['air_c' => 24, 'rh_pct' => 65]);
        self::assertEqualsWithDelta(17.0, $out['dew_point_c'], 0.05);
        self::assertSame(2.0, $out['bare_steel_h']);
        self::assertSame(
            1.0,
            self::calc('dewpoint', ['air_c' => 24, 'rh_pct' => 65, 'coast' => true])['bare_steel_h'],
        );
        self::assertFalse(self::calc('dewpoint', ['air_c' => 24, 'rh_pct' => 65, 'metal_c' => 19.9])['may_blast']);
        $dry = self::calc('dewpoint', ['air_c' => 24, 'rh_pct' => 65, 'metal_c' => 20.1]);
        self::assertTrue($dry['may_blast']);
        self::assertStringContainsString('above the dew point of 17.0', $dry['why']);
        self::assertEqualsWithDelta(
            24,
            self::calc('dewpoint', ['air_c' => 24, 'rh_pct' => 100])['dew_point_c'],
            1e-6,
        );
    }

    public function test_the_film_of_a_pass_the_booth_and_the_comb(): void
    {
        $pass = ['flow_g_min' => 110, 'transfer' => 0.6, 'sg' => 1.55, 'pattern_mm' => 240, 'hand_mm_s' => 300];
        self::assertEqualsWithDelta(9.86, self::calc('pass', $pass)['film_um'], 0.005);
        $half = self::calc('pass', $pass + ['overlap' => 0.5, 'target_um' => 70]);
        self::assertEqualsWithDelta(2 * 9.8566, $half['film_um'], 0.001);
        self::assertSame(4, $half['passes']);
        self::assertSame(1, self::calc('pass', $pass + ['target_um' => 9.8566])['passes']);
        self::assertSame(
            ['g_m3' => 3.6667, 'limit_g_m3' => 10.0, 'ok' => true],
            self::calc('booth', ['spray_g_min' => 110, 'air_m3_min' => 30]),
        );
        self::assertFalse(self::calc('booth', ['spray_g_min' => 300, 'air_m3_min' => 30])['ok']);
        self::assertSame(
            15.0,
            self::calc('booth', ['spray_g_min' => 300, 'air_m3_min' => 30, 'lel_g_m3' => 30])['limit_g_m3'],
        );
        self::assertSame(66.0, self::calc('comb', ['reading_um' => 120])['cured_um']);
        self::assertSame(72.0, self::calc('comb', ['reading_um' => 120, 'shrink' => 0.6])['cured_um']);
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): array
    {
        return [
            'no bore' => ['nozzle', ['pressure_bar' => 7], 'bore_mm'],
            'a bore of nothing' => ['nozzle', ['bore_mm' => 0, 'pressure_bar' => 7], 'bore_mm'],
            'not choked' => ['nozzle', ['bore_mm' => 8, 'pressure_bar' => 0.5], 'pressure_bar'],
            'a bore grown smaller' => [
                'nozzle',
                ['bore_mm' => 8, 'pressure_bar' => 7, 'new_bore_mm' => 9],
                'new_bore_mm',
            ],
            'no compressor' => [
                'nozzle',
                ['bore_mm' => 8, 'pressure_bar' => 7, 'compressor_m3_min' => 0],
                'compressor_m3_min',
            ],
            'no humidity' => ['dewpoint', ['air_c' => 20], 'rh_pct'],
            'dry as nothing' => ['dewpoint', ['air_c' => 20, 'rh_pct' => 0], 'rh_pct'],
            'wetter than water' => ['dewpoint', ['air_c' => 20, 'rh_pct' => 101], 'rh_pct'],
            'a coast in words' => ['dewpoint', ['air_c' => 20, 'rh_pct' => 50, 'coast' => 'yes'], 'coast'],
            'all lands and more' => [
                'pass',
                ['flow_g_min' => 110, 'transfer' => 1.1, 'sg' => 1.5, 'pattern_mm' => 240, 'hand_mm_s' => 300],
                'transfer',
            ],
            'a still hand' => [
                'pass',
                ['flow_g_min' => 110, 'transfer' => 0.6, 'sg' => 1.5, 'pattern_mm' => 240, 'hand_mm_s' => 0],
                'hand_mm_s',
            ],
            'whole overlap' => [
                'pass',
                [
                    'flow_g_min' => 110,
                    'transfer' => 0.6,
                    'sg' => 1.5,
                    'pattern_mm' => 240,
                    'hand_mm_s' => 300,
                    'overlap' => 1,
                ],
                'overlap',
            ],
            'no air' => ['booth', ['spray_g_min' => 110, 'air_m3_min' => 0], 'air_m3_min'],
            'a comb of nothing' => ['comb', ['reading_um' => 0], 'reading_um'],
            'an unknown key' => ['comb', ['reading_um' => 100, 'colour' => 1], 'colour'],
            'an unknown shape' => ['shape', ['shape' => 'teapot', 'material' => 'brass'], 'shape'],
            'a measure too many' => [
                'shape',
                ['shape' => 'sphere', 'material' => 'brass', 'diameter_mm' => 5, 'length_mm' => 5],
                'length_mm',
            ],
        ];
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_is_refused_by_name(string $name, array $in, string $place): void
    {
        try {
            self::calc($name, $in);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($place, $e->place);
        }
    }
}

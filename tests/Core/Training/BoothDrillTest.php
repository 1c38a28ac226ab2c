<?php

declare(strict_types=1);

namespace Tests\Core\Training;

use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Training\BoothDrill;
use Aenum\Core\Training\BoothScore;
use Aenum\Core\Training\BoothSetting;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drills of the practice booth: each can be done, and what makes it a drill costs points. */
final class BoothDrillTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function drills(): array
    {
        $keys = array_keys(BoothDrill::all());

        return array_combine($keys, array_map(fn (string $key): array => [$key], $keys));
    }

    /** Level strokes so far apart, so often over the panel, from one above it to one below. */
    private static function hand(float $apart, float $times, float $handMmPerS = 300.0, float $away = 220.0): array
    {
        $path = [];
        $t = 0.0;
        $rows = (int) ceil(400 / $apart) + 3;
        for ($n = 0; $n < round($times * $rows); $n++) {
            $y = ($n % $rows) * $apart - $apart;
            $ends = $n % 2 === 0 ? [-150.0, 750.0] : [750.0, -150.0];
            $path[] = PathPoint::of($t, $ends[0], $y, $away, true);
            $path[] = PathPoint::of($t += 900 / $handMmPerS, $ends[1], $y, $away, false);
            $t += 0.2;
        }

        return $path;
    }

    private static function sprayed(BoothDrill $drill, BoothSetting $set, array $path): SprayedPanel
    {
        return $drill->bare()->after($path, $drill->gun($set));
    }

    private static function score(string $key, BoothSetting $set, array $path): BoothScore
    {
        $drill = BoothDrill::all()[$key];

        return BoothScore::of($drill, self::sprayed($drill, $set, $path), $set);
    }

    #[DataProvider('drills')]
    public function test_a_drill_explains_itself_and_begins_bare(string $key): void
    {
        $drill = BoothDrill::all()[$key];
        self::assertSame($key, $drill->key);
        foreach (UnitSystem::cases() as $system) {
            self::assertStringEndsWith('.', $drill->story->in($system));
        }
        self::assertDoesNotMatchRegularExpression('/\d (mm|µm)/u', $drill->story->in(UnitSystem::Us));
        self::assertNotSame('', $drill->goal);
        self::assertSame(60, $drill->panel->across);
        self::assertSame(40, $drill->panel->down);
        self::assertSame(0, BoothScore::of($drill, $drill->bare(), $drill->start)->score);
        self::assertLessThan($drill->powder->highUm, $drill->powder->lowUm);
    }

    public function test_half_overlap_scores_and_stripes_do_not(): void
    {
        $set = BoothSetting::of();
        $good = self::score('overlap', $set, self::hand(120, 4));
        $stripes = self::score('overlap', $set, self::hand(240, 8));
        self::assertGreaterThan(85, $good->score);
        self::assertLessThan($good->score - 20, $stripes->score);
        self::assertGreaterThan($stripes->points['even'], $good->points['even']);
        self::assertSame(array_sum($good->points), $good->score);
    }

    public function test_each_trap_costs_and_each_way_out_pays(): void
    {
        $usual = self::hand(120, 4);
        $pairs = [
            'edges' => [BoothSetting::of(kv: 100), BoothSetting::of(kv: 30)],
            'recoat' => [BoothSetting::of(kv: 80, microAmps: 60), BoothSetting::of(kv: 45, microAmps: 5)],
            'bad_earth' => [BoothSetting::of(ohms: 3e6), BoothSetting::of()],
            'booth_air' => [BoothSetting::of(faceMPerS: 1.5), BoothSetting::of()],
            'fast_hand' => [BoothSetting::of(flowGPerMin: 80), BoothSetting::of(flowGPerMin: 160)],
            'recess' => [BoothSetting::of(kv: 100, air: 0.5), BoothSetting::of(kv: 20, air: 1.2)],
            'last_bare' => [BoothSetting::of(kv: 90), BoothSetting::of(kv: 20, air: 1.5)],
        ];
        foreach ($pairs as $key => [$trap, $out]) {
            $caught = self::score($key, $trap, $usual);
            $free = self::score($key, $out, $usual);
            self::assertGreaterThan($caught->score, $free->score, $key);
        }
        $why = fn (BoothScore $score): string => implode(' ', array_map(
            fn ($said): string => $said->in(UnitSystem::Metric),
            $score->why,
        ));
        $earth = self::score('bad_earth', BoothSetting::of(ohms: 3e6), $usual);
        self::assertStringContainsString('Clean it', $why($earth));
        self::assertStringContainsString('Volts down', $why(self::score('edges', BoothSetting::of(kv: 100), $usual)));
        self::assertStringContainsString('draws so hard', $why(self::score('booth_air', BoothSetting::of(
            faceMPerS: 1.5,
        ), $usual)));
        self::assertStringContainsString('floor of a recess', $why(self::score('recess', BoothSetting::of(), $usual)));
        self::assertStringContainsString('Nothing is on it', $why(self::score('recess', BoothSetting::of(), [])));
    }

    public function test_stars_cost_their_points(): void
    {
        $drill = BoothDrill::all()['recoat'];
        $kicks = BoothSetting::of(kv: 80, microAmps: 100);
        $film = self::sprayed($drill, $kicks, self::hand(120, 6));
        self::assertGreaterThan(0.9, $film->index);
        $more = $drill->gun(BoothSetting::of(microAmps: 100, ohms: 1e7));
        $over = $film->after(self::hand(120, 1), $more);
        self::assertGreaterThan(1.0, $over->index);
        self::assertSame(0, BoothScore::of($drill, $over, $kicks)->points['no stars']);
    }

    public function test_settings_have_their_range(): void
    {
        $wrong = ['flow' => ['flowGPerMin' => 301.0], 'kv' => ['kv' => 101.0], 'face' => ['faceMPerS' => 0.1]];
        foreach ($wrong as $place => $set) {
            try {
                BoothSetting::of(...$set);
                self::fail($place);
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }
}

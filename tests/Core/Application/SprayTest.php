<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\FilmPass;
use Aenum\Core\Application\Panel;
use Aenum\Core\Application\PanelArea;
use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\Recess;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Application\SprayGun;
use Aenum\Core\Application\SprayPowder;
use Aenum\Core\Application\Stripes;
use Aenum\Core\Cli\Arguments;
use Aenum\Core\Cli\CalcCommand;
use Aenum\Core\Cli\SprayCommand;
use Aenum\Core\Units\InvalidInput;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The film a gun leaves on a panel: against the reference cases, against sums done by hand, and its laws. */
final class SprayTest extends TestCase
{
    use TestTrait;

    private const CASES = __DIR__.'/../../cases/coat/';

    /** What the cases ask: relative, and what is allowed besides. */
    private const WITHIN = [
        'mean_um' => 0.01, 'landed_g' => 0.01, 'sprayed_g' => 0.001, 'least_um' => 0.02, 'most_um' => 0.02,
        'deviation_um' => 0.02, 'in_band' => 0.01, 'charge_index' => 0.02,
    ];

    /** @return array<string, array{string}> */
    public static function cases(): array
    {
        $found = [];
        foreach (glob(self::CASES.'*.spray.json') ?: [] as $file) {
            $found[basename($file, '.spray.json')] = [$file];
        }

        return $found;
    }

    #[DataProvider('cases')]
    public function test_a_reference_case(string $file): void
    {
        $read = fn (string $path): string => (string) file_get_contents($path);
        $out = (new SprayCommand())(Arguments::of(['spray', $file]), $read);
        $expected = json_decode($read(str_replace('.spray.', '.expected.', $file)), true)['expected'];
        foreach (self::WITHIN as $key => $within) {
            self::assertEqualsWithDelta($expected[$key], $out[$key], $within * abs($expected[$key]) / 5, $key);
        }
    }

    public function test_the_reference_calculations(): void
    {
        $all = json_decode((string) file_get_contents(self::CASES.'coat-01.calc.json'), true)['calc'];
        self::assertGreaterThan(8, count($all));
        foreach ($all as $case) {
            $in = fn (): string => json_encode($case['in'], JSON_THROW_ON_ERROR);
            $out = (new CalcCommand())(Arguments::of(['calc', $case['name'], '-']), $in);
            foreach ($case['out'] as $key => $value) {
                if (is_bool($value) || $value === null) {
                    self::assertSame($value, $out[$key], "{$case['name']} {$key}");

                    continue;
                }
                self::assertEqualsWithDelta($value, $out[$key], 1e-6 * abs($value) + 1e-6, "{$case['name']} {$key}");
            }
        }
    }

    private static function gun(bool $charging = false, float $kv = 70, float $flow = 110, float $ohms = 0): SprayGun
    {
        return SprayGun::of($flow, 0.6, $kv, 240, 220, charging: $charging, ohms: $ohms);
    }

    /** @return list<PathPoint> one level stroke each, on from left to right and back */
    private static function strokes(float $apartMm, int $count, float $fromYMm, float $reachMm = 1000.0): array
    {
        $path = [];
        $t = 0.0;
        for ($n = 0; $n < $count; $n++) {
            $ends = $n % 2 === 0 ? [-$reachMm, 2 * $reachMm] : [2 * $reachMm, -$reachMm];
            $y = $fromYMm + $n * $apartMm;
            $path[] = PathPoint::of($t, $ends[0], $y, 220, true);
            $path[] = PathPoint::of($t += 3 * $reachMm / 300, $ends[1], $y, 220, false);
            $t += 0.3;
        }

        return $path;
    }

    /** Far from any edge, overlapped strokes lay down what the pass formula says, and ripple as Stripes says. */
    public function test_overlapped_strokes_sum_to_the_pass_formula(): void
    {
        $powder = SprayPowder::of(1.55, 60, 90);
        foreach ([0.5, 0.25] as $overlap) {
            $stripes = Stripes::of(240, $overlap);
            $panel = Panel::of(4 * $stripes->spacingMm, 2 * $stripes->spacingMm, $stripes->spacingMm / 30);
            $path = self::strokes($stripes->spacingMm, 13, -5 * $stripes->spacingMm);
            $film = SprayedPanel::bare($panel, $powder)->after($path, self::gun(kv: 0));
            $middle = array_map(
                fn (int $row): float => $film->filmUm[$row * $panel->across + intdiv($panel->across, 2)],
                range(0, $panel->down - 1),
            );
            $mean = array_sum($middle) / count($middle);
            self::assertEqualsWithDelta(FilmPass::microns(110, 0.6, 1.55, 240, 300, $overlap), $mean, 0.002 * $mean);
            $ripple = (max($middle) - min($middle)) / $mean;
            self::assertEqualsWithDelta($stripes->ripple, $ripple, 0.01 * $stripes->ripple + 5e-4);
        }
    }

    /** A gun that stands still: the cloud's own formula, cell by cell. */
    public function test_a_still_gun_paints_its_cloud(): void
    {
        $powder = SprayPowder::of(1.5, 60, 90);
        $panel = Panel::of(200, 200, 20);
        $path = [PathPoint::of(0, 90, 90, 220, true), PathPoint::of(2, 90, 90, 220, false)];
        $film = SprayedPanel::bare($panel, $powder)->after($path, self::gun(kv: 0));
        $most = 2 * 110 / 60 * 0.6 / (2 * M_PI * 60 ** 2) * 1e6 / 1.5;
        self::assertEqualsWithDelta($most, $film->filmUm[4 * 10 + 4], 1e-6 * $most);
        self::assertEqualsWithDelta($most * exp(-(80 ** 2) / 2 / 3600), $film->filmUm[4 * 10], 1e-6 * $most);
        self::assertEqualsWithDelta(2 * 110 / 60, $film->sprayedG, 1e-9);
    }

    public function test_what_lands_is_film_times_area_times_density(): void
    {
        $film = SprayedPanel::bare(Panel::of(600, 400, 10), SprayPowder::of(1.6, 60, 90))
            ->after(self::strokes(120, 6, -60, 600), self::gun(true));
        $grams = $film->figures()->meanUm * 1e-6 * 0.6 * 0.4 * 1.6e6;
        self::assertEqualsWithDelta($grams, $film->landedG(), 0.001 * $grams);
        self::assertLessThan(0.6 * $film->sprayedG, $film->landedG());
    }

    public function test_no_path_makes_a_negative_and_nothing_lands_in_an_opening(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(-300, 900), Generators::choose(-300, 900), Generators::choose(40, 500),
            Generators::choose(1, 120), Generators::bool(), Generators::choose(0, 100),
        )->then(function (int $x, int $y, int $away, int $tenths, bool $charging, int $kv): void {
            $panel = Panel::of(300, 200, 10, [PanelArea::of(40, 40, 60, 60, 50)], [PanelArea::of(200, 100, 50, 50)]);
            $path = [
                PathPoint::of(0, $x, $y, $away, true),
                PathPoint::of($tenths / 10, $y, $x, $away + 50, true),
                PathPoint::of($tenths / 10 + 0.02, $y + 3, $x, $away + 50, false),
            ];
            $film = SprayedPanel::bare($panel, SprayPowder::of(1.5, 60, 90))->after($path, self::gun($charging, $kv));
            self::assertNull($film->filmUm[12 * 30 + 22]);
            foreach ($film->filmUm as $um) {
                self::assertGreaterThanOrEqual(0.0, $um ?? 0.0);
            }
            $figures = $film->figures();
            self::assertEqualsWithDelta(1, $figures->inBand + $figures->underBand + $figures->overBand, 1e-9);
        });
    }

    /** In pieces or at once, the same film: a stroke answered as it is made adds up to the whole path. */
    public function test_a_path_in_pieces_is_the_path(): void
    {
        $bare = SprayedPanel::bare(Panel::of(300, 200, 10), SprayPowder::of(1.55, 60, 90));
        $path = self::strokes(120, 4, -20, 300);
        $gun = self::gun(true);
        $whole = $bare->after($path, $gun);
        $parts = $bare;
        for ($n = 1; $n < count($path); $n++) {
            $parts = $parts->after([$path[$n - 1], $path[$n]], $gun);
        }
        self::assertEqualsWithDelta($whole->filmUm, $parts->filmUm, 0.01);
        self::assertEqualsWithDelta($whole->sprayedG, $parts->sprayedG, 1e-9);
        self::assertEqualsWithDelta($whole->index, $parts->index, 1e-4);
    }

    /** A hand sampled finely is the same hand. */
    public function test_a_moving_hand_may_be_sampled_finely(): void
    {
        $bare = SprayedPanel::bare(Panel::of(300, 200, 10), SprayPowder::of(1.55, 60, 90));
        $fine = [];
        for ($n = 0; $n <= 200; $n++) {
            $fine[] = PathPoint::of($n / 100, 10 + 1.4 * $n, 90, 220, $n < 200);
        }
        $coarse = [PathPoint::of(0, 10, 90, 220, true), PathPoint::of(2, 290, 90, 220, false)];
        $one = $bare->after($coarse, self::gun())->filmUm;
        $other = $bare->after($fine, self::gun())->filmUm;
        foreach ($one as $n => $um) {
            self::assertEqualsWithDelta($um, $other[$n], 0.004 * max($one));
        }
    }

    /** Against a plain walk in small steps of time, cell by cell, with the charge of what lies. */
    public function test_powder_that_lies_throws_off_what_comes(): void
    {
        $panel = Panel::of(60, 60, 20);
        $powder = SprayPowder::of(1.55, 60, 90, 60);
        $gun = SprayGun::of(110, 0.6, 0, 240, 220, 60);
        $path = [PathPoint::of(0, 30, 30, 220, true), PathPoint::of(6, 30, 30, 220, false)];
        $film = SprayedPanel::bare($panel, $powder)->after($path, $gun);
        $rate = 110 / 60 * 0.6 / (2 * M_PI * 3600) * 1e6 / 1.55;
        $um = 0.0;
        for ($n = 0; $n < 6000; $n++) {
            $um += 0.001 * $rate * max(0, 1 - $powder->charge($um, $gun)->index ** 2);
        }
        self::assertEqualsWithDelta($um, $film->filmUm[4], 0.01);
        self::assertLessThan(0.7 * 6 * $rate, $um, 'it kicks');
        self::assertLessThan(1.0, $film->index);
        self::assertGreaterThan(0.95, $film->index);
        // Set to throw more charge, the gun adds nothing where the index is over one, and takes nothing away.
        $more = $film->after($path, SprayGun::of(110, 0.6, 0, 240, 220, 300));
        self::assertSame($film->filmUm, $more->filmUm);
        self::assertGreaterThan(1.0, $more->index);
    }

    public function test_edges_recesses_folds_earth_and_air(): void
    {
        $powder = SprayPowder::of(1.55, 60, 90);
        $at = fn (Panel $panel): array => $panel->draws(80, Recess::electricShare(80));
        $edge = $at(Panel::of(200, 200, 4));
        self::assertEqualsWithDelta(1 + 0.35 * exp(-2 / 8), $edge[25], 1e-9);
        self::assertEqualsWithDelta(1.0, $edge[25 * 50 + 25], 1e-4);
        $share = Recess::electricShare(80);
        $two = [PanelArea::of(60, 60, 80, 80, 40), PanelArea::of(80, 80, 40, 40, 80)];
        $recessed = $at(Panel::of(200, 200, 4, $two));
        self::assertEqualsWithDelta(Recess::slot($share, 40, 80), $recessed[25 * 50 + 25], 1e-9, 'the later one wins');
        self::assertEqualsWithDelta(Recess::slot($share, 80, 40), $recessed[17 * 50 + 25], 1e-9);
        $rim = $at(Panel::of(200, 200, 4, [], [PanelArea::of(80, 80, 40, 40)]));
        self::assertNull($rim[25 * 50 + 25]);
        self::assertEqualsWithDelta(1 + 0.35 * exp(-2 / 8), $rim[19 * 50 + 25], 1e-4, 'a rim is an edge');
        $box = $at(Panel::of(200, 200, 4, [], [], [100.0], [100.0]));
        self::assertEqualsWithDelta(Recess::corner($share, 90, 2, 60), $box[25 * 50 + 25], 1e-4);
        self::assertEqualsWithDelta(Recess::corner($share, 90, 58, 60), $box[10 * 50 + 10], 1e-2);
        $bare = SprayedPanel::bare(Panel::of(200, 200, 20), $powder);
        $path = self::strokes(120, 3, 0, 200);
        $good = $bare->after($path, self::gun())->landedG();
        self::assertEqualsWithDelta($good / 2, $bare->after($path, self::gun(ohms: 1e6))->landedG(), 1e-6);
        $strong = SprayGun::of(110, 0.6, 70, 240, 220, charging: false, faceMPerS: 1.2);
        self::assertEqualsWithDelta($good / 2, $bare->after($path, $strong)->landedG(), 1e-6);
        $usual = SprayGun::of(110, 0.6, 70, 240, 220, charging: false, faceMPerS: 0.6);
        self::assertEqualsWithDelta($good, $bare->after($path, $usual)->landedG(), 1e-9);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'no path' => [['path' => []], 'path '],
            'time stands' => [['path' => [self::at(0), self::at(0)]], 'path[1].t_s'],
            'no such key' => [['panel' => self::PANEL + ['depth' => 3]], 'panel.depth'],
            'parts of a cell' => [['panel' => ['width_mm' => 605] + self::PANEL], 'panel.width_mm'],
            'too many cells' => [['panel' => ['cell_mm' => 2] + self::PANEL], 'panel.cell_mm'],
            'a band turned over' => [['powder' => ['sg' => 1.5, 'target_um' => [90, 60]]], 'powder.target_um[1]'],
            'no powder' => [['powder' => null], 'powder'],
            'a flat of no depth' => [
                ['recesses' => [['x_mm' => 1, 'y_mm' => 1, 'width_mm' => 5, 'height_mm' => 5]]],
                'recesses[0].depth_mm',
            ],
            'a fold of two ways' => [
                ['panel' => self::PANEL + ['folds' => [['x_mm' => 1, 'y_mm' => 2]]]],
                'panel.folds[0]',
            ],
            'a gun that gives nothing' => [['gun' => ['flow_g_min' => 0] + self::GUN], 'gun.flow_g_min'],
            'another format' => [['format' => 'aenum-spray/2'], 'format'],
        ];
    }

    private const PANEL = ['width_mm' => 600, 'height_mm' => 400, 'cell_mm' => 10];

    private const GUN = [
        'flow_g_min' => 110, 'transfer' => 0.6, 'kv' => 70, 'pattern_mm' => 240, 'pattern_at_mm' => 220,
    ];

    /** @return array<string, mixed> */
    private static function at(float $t): array
    {
        return ['t_s' => $t, 'x_mm' => 0, 'y_mm' => 0, 'away_mm' => 220, 'on' => true];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_a_wrong_file_is_refused_by_its_place(array $change, string $place): void
    {
        $file = array_filter($change + [
            'format' => 'aenum-spray/1',
            'panel' => self::PANEL,
            'powder' => ['sg' => 1.5, 'target_um' => [60, 90]],
            'gun' => self::GUN,
            'path' => [self::at(0), self::at(1)],
        ], fn (mixed $one): bool => $one !== null);
        try {
            $text = json_encode($file, JSON_THROW_ON_ERROR);
            (new SprayCommand())(Arguments::of(['spray', '-']), fn (): string => $text);
            self::fail('it went through');
        } catch (InvalidInput $e) {
            self::assertStringStartsWith($place, $e->getMessage());
        }
    }

    public function test_cells_are_told_where_asked_for(): void
    {
        $file = json_encode([
            'format' => 'aenum-spray/1', 'panel' => ['width_mm' => 40, 'height_mm' => 20, 'cell_mm' => 10,
                'open' => [['x_mm' => 0, 'y_mm' => 0, 'width_mm' => 10, 'height_mm' => 10]]],
            'powder' => ['sg' => 1.5, 'target_um' => [0, 90]], 'gun' => self::GUN, 'path' => [self::at(0)],
        ], JSON_THROW_ON_ERROR);
        $out = (new SprayCommand())(Arguments::of(['spray', '-', '--cells']), fn (): string => $file);
        self::assertSame(['across' => 4, 'down' => 2], array_slice($out['cells'], 0, 2));
        self::assertSame([null, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $out['cells']['um']);
        self::assertSame(1.0, $out['in_band']);
        $plain = (new SprayCommand())(Arguments::of(['spray', '-']), fn (): string => $file);
        self::assertArrayNotHasKey('cells', $plain);
    }
}

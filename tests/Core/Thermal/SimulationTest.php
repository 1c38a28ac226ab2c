<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Materials\HeatCapacity;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenEstimate;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Slab;
use Aenum\Core\Thermal\Trajectory;
use Aenum\Core\Units\InvalidInput;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class SimulationTest extends TestCase
{
    use TestTrait;

    private static function run_(
        LoadItem|array $load,
        ?OvenSchedule $schedule = null,
        float $minutes = 60,
        float $tolerance = Simulation::TOLERANCE_K,
    ): Trajectory {
        return (new Simulation(
            Loads::oven(),
            is_array($load) ? $load : [$load],
            $schedule ?? OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]),
            1.0,
            $tolerance,
        ))->run(60 * $minutes);
    }

    public function test_a_lone_lump_follows_the_closed_form(): void
    {
        $oven = Oven::of(0, 5, 1e9, 1e9, 0, 0, 0, 0, 16);
        $lump = LoadItem::of('lump', 1, Metal::custom(HeatCapacity::polynomial([500])), 10, 0.5, 0, 0);
        $run = (new Simulation($oven, [$lump], OvenSchedule::of(20, 200, 200, 200)))->run(7200);
        foreach ([60, 625, 1800, 7200] as $s) {
            self::assertEqualsWithDelta(200 - 180 * exp(-$s / 625), $run->coreC(0, $s), 0.01);
        }
    }

    /**
     * A slab at a fixed face temperature: the first term of the Fourier series, T = Tf − (4/π)(Tf−T0)·exp(−(π/2)²Fo) at
     * the core.
     */
    public function test_a_slab_follows_the_fourier_series(): void
    {
        $oven = Oven::of(0, 5, 1e12, 1e12, 0, 0, 0, 0, 1000);
        $metal = Metal::custom(HeatCapacity::polynomial([500]));
        // 80 mm to the face, k = 2, ρ = 8000: with h = 1000 the face is nearly at air temperature (Bi = 40).
        $slab = LoadItem::of('slab', 1, $metal, 0.08 * 8000, 1.0, 0, 0, 1000, Slab::of(80, 2));
        $run = (new Simulation($oven, [$slab], OvenSchedule::of(20, 200, 200, 200)))->run(40000);
        $biot = (1000 * 0.08) / 2;
        $root = $this->root(fn (float $z): float => $z * tan($z) - $biot, 1.4, 1.57);
        $c = (4 * sin($root)) / (2 * $root + sin(2 * $root));
        foreach ([10000, 20000, 40000] as $s) {
            $fourier = ((2 / (8000 * 500)) * $s) / 0.08 ** 2;
            self::assertEqualsWithDelta(
                200 - 180 * $c * exp(-($root ** 2) * $fourier),
                $run->coreC(0, $s),
                0.25,
                "core at {$s} s",
            );
        }
    }

    public function test_a_thick_part_becomes_a_slab_by_itself_and_a_thin_one_does_not(): void
    {
        $thick = LoadItem::of('block', 1, MetalCatalog::get('stainless_steel'), 94.8, 0.1, 0.9, 1.0, 30);
        $thin = Loads::item('sheet', 4.7, 0.8, 1, 'carbon_steel');
        $run = self::run_([$thick, $thin]);
        self::assertTrue($run->isSlab(0));
        self::assertFalse($run->isSlab(1));
        self::assertGreaterThan($run->coreC(0, 1800) + 5, $run->surfaceC(0, 1800));
    }

    public function test_more_mass_never_heats_faster(): void
    {
        $this->limitTo(25)
            ->forAll(Generators::choose(5, 400), Generators::choose(5, 200), Generators::choose(5, 100))
            ->then(function (int $mass, int $more, int $area): void {
                $light = self::run_(Loads::item('a', $mass / 10, $area / 40, 1));
                $heavy = self::run_(Loads::item('a', ($mass + $more) / 10, $area / 40, 1));
                foreach (range(60, 3600, 180) as $s) {
                    self::assertLessThanOrEqual($light->coreC(0, $s) + 0.05, $heavy->coreC(0, $s));
                }
            });
    }

    public function test_no_part_is_ever_hotter_than_the_hottest_of_air_and_shell_has_been(): void
    {
        $this->limitTo(25)
            ->forAll(
                Generators::choose(2, 400),
                Generators::choose(5, 100),
                Generators::choose(120, 260),
                Generators::choose(0, 300),
            )
            ->then(function (int $mass, int $area, int $setpoint, int $door): void {
                $run = self::run_(
                    Loads::item('a', $mass / 10, $area / 50, 3),
                    OvenSchedule::of(20, $setpoint, null, null, [Door::opened(0, $door), Door::opened(20, $door)]),
                    90,
                );
                $hottest = -INF;
                foreach (range(0, 5400, 20) as $s) {
                    $hottest = max($hottest, $run->airC($s), $run->shellC($s));
                    self::assertLessThanOrEqual($hottest + 0.05, $run->surfaceC(0, $s));
                    self::assertGreaterThanOrEqual(20 - 0.05, $run->coreC(0, $s));
                }
            });
    }

    public function test_energy_in_is_energy_stored_and_lost(): void
    {
        $this->limitTo(12)
            ->forAll(
                Generators::choose(5, 300),
                Generators::choose(10, 100),
                Generators::choose(140, 230),
                Generators::bool(),
            )
            ->then(function (int $mass, int $area, int $setpoint, bool $slab): void {
                $metal = MetalCatalog::get('carbon_steel');
                $item = LoadItem::of(
                    'a',
                    2,
                    $metal,
                    $mass / 5,
                    $area / 50,
                    0.9,
                    0.8,
                    null,
                    $slab ? Slab::of(40, 15) : null,
                );
                $oven = Loads::oven();
                $run = (new Simulation(
                    $oven,
                    [$item],
                    OvenSchedule::of(20, $setpoint, 20, 20, [Door::opened(10, 60)]),
                    1.0,
                    0.002,
                ))->run(4800);
                $stored = 1000 * 45 * ($run->airC(4800) - 20) + 1000 * 260 * ($run->shellC(4800) - 20);
                $into = $lost = 0.0;
                foreach ($run->steps as $step) {
                    $h = $step->toS - $step->fromS;
                    foreach (
                        [[0.1127016653792583, 5 / 18], [0.5, 8 / 18], [0.8872983346207417, 5 / 18]] as [$x, $w]
                    ) {
                        $s = $step->fromS + $x * $h;
                        $door = $s >= 600 && $s < 660 ? 2200 : 0;
                        $air = $step->course(0)->at($s);
                        $shell = $step->course(1)->at($s);
                        $lost += $w * $h * ((60 + $door) * ($air - 20) + 45 * ($shell - 20));
                    }
                }
                $into =
                    2 *
                    $item->massKg *
                    ($slab
                        ? $this->slabEnthalpy($run, $metal)
                        : $metal->heatCapacity->enthalpy(20, $run->coreC(0, 4800)));
                $in = 3.6e6 * $run->energyKwh(4800);
                self::assertEqualsWithDelta($in, $stored + $lost + $into, 0.001 * $in);
            });
    }

    public function test_a_tighter_tolerance_changes_nothing_that_matters(): void
    {
        $load = [
            Loads::item(),
            Loads::item('sheet', 4.7, 0.8, 6, 'carbon_steel'),
            Loads::item('lantern', 6.2, 0.62, 2, 'aluminium'),
        ];
        $usual = self::run_($load);
        $fine = self::run_($load, null, 60, Simulation::TOLERANCE_K / 20);
        self::assertGreaterThan(1.5 * count($usual->steps), count($fine->steps));
        foreach (range(30, 3600, 30) as $s) {
            foreach (array_keys($load) as $i) {
                self::assertEqualsWithDelta($fine->coreC($i, $s), $usual->coreC($i, $s), 0.05);
            }
            self::assertEqualsWithDelta($fine->airC($s), $usual->airC($s), 0.15);
        }
    }

    public function test_what_happens_on_the_floor_is_followed(): void
    {
        $quiet = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 60)]);
        $plain = self::run_(Loads::item(), $quiet);
        $off = self::run_(Loads::item(), $quiet->withOutage(600, 1200));
        $up = self::run_(Loads::item(), $quiet->withSetpointFrom(900, 230));
        $door = self::run_(Loads::item(), $quiet->withDoor(Door::opened(20, 60)));
        self::assertEqualsWithDelta($plain->coreC(0, 590), $off->coreC(0, 590), 0.02);
        self::assertLessThan($plain->coreC(0, 1200) - 5, $off->coreC(0, 1200));
        self::assertLessThan($plain->airC(1190) - 30, $off->airC(1190));
        self::assertGreaterThan($plain->coreC(0, 2400) + 10, $up->coreC(0, 2400));
        self::assertLessThan($plain->airC(1255) - 50, $door->airC(1255));
    }

    public function test_cooling_agrees_with_a_hand_integration(): void
    {
        $item = Loads::item('cleat', 3.1, 0.11, 1);
        $t = 190.0;
        for ($s = 0; $t > 45; $s++) {
            $q =
                8 * 0.11 * (20 - $t) +
                0.11 * 0.9 * \Aenum\Core\Units\Constant::STEFAN_BOLTZMANN * (293.15 ** 4 - ($t + 273.15) ** 4);
            $t += $q / (3.1 * (460 + 0.3 * $t));
        }
        self::assertEqualsWithDelta($s / 60, Cooling::minutes($item, 190, 20, 45), 0.1);
        self::assertSame(0.0, Cooling::minutes($item, 40, 20, 45));
        $this->expectException(InvalidInput::class);
        Cooling::minutes($item, 190, 30, 25);
    }

    public function test_an_oven_made_from_answers_takes_the_minutes_it_was_said_to_take(): void
    {
        $this->limitTo(15)
            ->forAll(
                Generators::choose(8, 40),
                Generators::choose(10, 35),
                Generators::elements('electric', 'gas_direct'),
                Generators::elements('none', 'normal', 'strong'),
            )
            ->then(function (int $size, int $minutes, string $heat, string $fan): void {
                $oven = OvenEstimate::from($heat, $size / 20, $size / 18, $size / 12, $fan, 5 + $minutes);
                self::assertEqualsWithDelta(
                    5 + $minutes,
                    (float) OvenEstimate::minutesTo200($oven),
                    0.05 * $minutes + 0.3,
                );
            });
        try {
            OvenEstimate::from('electric', 2, 2, 3, 'normal', 3, 30);
            self::fail('three minutes cannot be');
        } catch (InvalidInput $e) {
            self::assertSame('minutes_to_200', $e->place);
        }
        try {
            OvenEstimate::from('electric', 4, 4, 8, 'normal', 60, 2);
            self::fail('two kilowatts cannot heat that');
        } catch (InvalidInput $e) {
            self::assertSame('heater_kw', $e->place);
        }
    }

    private function slabEnthalpy(Trajectory $run, Metal $metal): float
    {
        $last = $run->steps[count($run->steps) - 1]->to;
        $nodes = array_slice($last, 3);

        return array_sum(array_map(fn (float $c): float => $metal->heatCapacity->enthalpy(20, $c), $nodes)) /
            count($nodes);
    }

    private function root(callable $f, float $low, float $high): float
    {
        for ($n = 0; $n < 80; $n++) {
            $middle = ($low + $high) / 2;
            if ($f($middle) > 0) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $low;
    }
}

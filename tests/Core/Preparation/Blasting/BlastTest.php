<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Blasting;

use Aenum\Core\Advice\MediaChoice;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\Access;
use Aenum\Core\Preparation\Blasting\AirLine;
use Aenum\Core\Preparation\Blasting\AirSystem;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Blasting\MediaValve;
use Aenum\Core\Preparation\Blasting\Nozzle;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class BlastTest extends TestCase
{
    use TestTrait;

    /** @param  array<string, mixed>  $part */
    private static function facts(
        array $part,
        string $where = 'indoors',
        float $film = 75,
    ): \Aenum\Core\Routing\JobFacts {
        return RouteFile::parse(
            json_encode(
                [
                    'format' => 'aenum-route/1',
                    'part' => $part,
                    'where' => $where,
                    'coats' => [['role' => 'base', 'bake_c' => 190, 'film_um' => $film]],
                ],
                JSON_THROW_ON_ERROR,
            ),
        )->facts;
    }

    /** @param  list<Message>  $all */
    private static function said(array $all): string
    {
        return Message::all($all)->in(UnitSystem::Metric);
    }

    public function test_the_reference_nozzle_cleans_at_the_base_rate(): void
    {
        $plan = BlastPlan::of(
            Media::get('aluminium_oxide'),
            MetalCatalog::get('carbon_steel'),
            [ArrivalCondition::from('rust')],
            8.0,
            8,
            7,
            1.4,
        );
        self::assertEqualsWithDelta(8.0, $plan->rateM2PerH, 1e-9);
        self::assertEqualsWithDelta(60.0, $plan->minutes, 1e-9);
        // 0.0780 kg/s of air carries 1.4 times that of media for an hour; a grain lasts twelve uses.
        self::assertEqualsWithDelta(60 * 1.4 * 0.078, $plan->mediaKgPerMin, 0.02);
        self::assertEqualsWithDelta((60 * 60 * 1.4 * 0.078) / 12, $plan->mediaKg, 0.2);
        self::assertEqualsWithDelta(60.0, $plan->rzMicrons, 1e-9);
    }

    public function test_the_slowest_coating_pressure_access_and_mixture_make_the_time(): void
    {
        $minutes = fn (
            array $on,
            float $bar = 7,
            float $mix = 1.4,
            string $access = 'open',
            float $bore = 8,
        ): float => BlastPlan::of(
            Media::get('aluminium_oxide'),
            MetalCatalog::get('carbon_steel'),
            array_map(ArrivalCondition::from(...), $on),
            5.0,
            $bore,
            $bar,
            $mix,
            Access::from($access),
        )->minutes;
        self::assertEqualsWithDelta($minutes(['old_powder']), $minutes(['rust', 'old_powder']), 1e-9);
        self::assertEqualsWithDelta($minutes([]) / 0.5, $minutes([], access: 'deep'), 1e-9);
        // Air goes with absolute pressure, and the root of the gauge pressure comes on top.
        self::assertEqualsWithDelta((($minutes([]) * 8.01325) / 5.01325) * sqrt(7 / 4), $minutes([], 4), 1e-6);
        self::assertEqualsWithDelta($minutes([]) * (8 / 6) ** 2, $minutes([], bore: 6), 1e-6);
        self::assertEqualsWithDelta($minutes([]) / (2 * exp(-1)), $minutes([], mix: 2.8), 1e-6);
        self::assertEqualsWithDelta($minutes([]) / (0.5 * exp(0.5)), $minutes([], mix: 0.7), 1e-6);
    }

    public function test_galvanising_is_swept_and_not_blasted(): void
    {
        $sweep = BlastPlan::of(
            Media::get('fine_garnet'),
            MetalCatalog::get('galvanised_steel'),
            [],
            25.0,
            8,
            2.5,
            Media::get('fine_garnet')->bestMixture,
        );
        self::assertEqualsWithDelta(60.0, $sweep->minutes, 1e-9);
        // Old paint on it still has to come off at the pace of paint.
        self::assertGreaterThan(
            5 * $sweep->minutes,
            BlastPlan::of(
                Media::get('fine_garnet'),
                MetalCatalog::get('galvanised_steel'),
                [ArrivalCondition::from('paint')],
                25.0,
                8,
                2.5,
                1.7,
            )->minutes,
        );
        self::assertGreaterThan(
            $sweep->minutes,
            BlastPlan::of(Media::get('fine_garnet'), MetalCatalog::get('galvanised_steel'), [], 25.0, 8, 2.0, 1.7)
                ->minutes,
        );
    }

    public function test_no_mixture_beats_the_best_one(): void
    {
        $this->forAll(Generators::choose(5, 100), Generators::elements(Media::keys()))->then(function (
            int $tenths,
            string $media,
        ): void {
            $best = Media::get($media)->bestMixture;
            $factor = BlastPlan::mixtureFactor($tenths / 10, $best);
            self::assertLessThanOrEqual(1.0, $factor);
            self::assertGreaterThan(0.0, $factor);
            self::assertSame(abs($tenths / 10 - $best) < 1e-9, abs($factor - 1.0) < 1e-12);
        });
    }

    public function test_the_shop_factor_follows_the_rule_by_hand(): void
    {
        $factor = fn (array ...$logs): float => ShopFactor::from($logs)->factor;
        self::assertSame(1.0, $factor());
        // One log: variance 2 x 0.09 / 3 = 0.06, so k = 0.06 / 0.0625 = 0.96 and it counts 1 / 1.96.
        self::assertEqualsWithDelta(2 ** (1 / 1.96), $factor([10, 20]), 1e-12);
        // Two that pull apart cancel out; two that agree: variance 0.18 / 4 = 0.045, k = 0.72.
        self::assertEqualsWithDelta(1.0, $factor([10, 20], [20, 10]), 1e-12);
        self::assertEqualsWithDelta(1.5 ** (2 / 2.72), $factor([10, 15], [20, 30]), 1e-12);
        // Two that differ by ln 2: their own mean is half of it, and half of ln 2 squared comes in on top.
        $variance = (0.18 + log(2) ** 2 / 2) / 4;
        self::assertEqualsWithDelta(2 ** (1 / (2 + $variance / 0.0625)), $factor([10, 10], [10, 20]), 1e-12);
    }

    public function test_ten_logs_that_agree_settle_the_factor_and_say_so(): void
    {
        foreach ([0.5, 0.8, 1.0, 1.3, 2.0] as $times) {
            $ten = ShopFactor::from(array_fill(0, 10, [10, 10 * $times]));
            self::assertEqualsWithDelta($times, $ten->factor, 0.03 * $times);
            self::assertSame('10 jobs logged, close together.', $ten->trust());
        }
        self::assertSame('No jobs logged yet: standard times only.', ShopFactor::from([])->trust());
        self::assertSame('From 1 logged job so far.', ShopFactor::from([[10, 14]])->trust());
        self::assertSame('From 4 logged jobs so far.', ShopFactor::from(array_fill(0, 4, [10, 14]))->trust());
        self::assertSame('5 jobs logged, close together.', ShopFactor::from(array_fill(0, 5, [10, 14]))->trust());
        $spread = ShopFactor::from([[10, 10], [10, 20], [10, 9], [10, 24], [10, 12]]);
        self::assertSame('5 jobs logged, widely spread.', $spread->trust());
        self::assertSame([false, true], [
            ShopFactor::from(array_fill(0, 4, [1, 1]))->isMeasured(),
            ShopFactor::from(array_fill(0, 5, [1, 1]))->isMeasured(),
        ]);
    }

    public function test_the_range_holds_two_in_three_and_narrows_with_logs(): void
    {
        // Nothing logged: a log strays 0.3 from its shop and the shop 0.25 from the book.
        $none = sqrt(0.3 ** 2 + 0.25 ** 2);
        self::assertEqualsWithDelta([60 * exp(-$none), 60 * exp($none)], ShopFactor::from([])->between(60), 1e-9);
        $few = ShopFactor::from([[10, 14], [20, 26]])->between(60);
        $many = ShopFactor::from(array_fill(0, 40, [10, 13]))->between(60);
        self::assertLessThan($few[1] - $few[0], $many[1] - $many[0]);
        $this->expectException(InvalidInput::class);
        ShopFactor::from([[10, 0]]);
    }

    public function test_air_is_what_compressor_and_hoses_let_through(): void
    {
        $wide = [[10.0, 32.0], [8.0, 32.0]];
        $plenty = AirSystem::solve(6.0, 9.0, 8, 8, 7, ...$wide);
        self::assertNull($plenty->limit);
        self::assertSame(7.0, $plenty->nozzleBar);
        self::assertSame(
            ['compressor', 'separator and dryer', 'pot', 'nozzle'],
            array_column($plenty->points, 'name'),
        );
        $bars = array_column($plenty->points, 'bar');
        self::assertSame($bars, array_reverse(array_values(array_intersect_key(array_reverse($bars), $bars))));
        self::assertGreaterThan($bars[3], $bars[2]);
        self::assertGreaterThan($bars[1], $bars[0]);

        $small = AirSystem::solve(2.9, 9.0, 8, 7.5, 7, ...$wide);
        self::assertEqualsWithDelta(Nozzle::sustainedBar(8, 2.9), $small->nozzleBar, 0.01);
        self::assertStringContainsString(
            'the compressor gives 2.9 m³/min',
            (string) $small->limit?->in(UnitSystem::Metric),
        );
        self::assertEqualsWithDelta((8 / 7.5) ** 2, $small->wear, 1e-12);
        self::assertEqualsWithDelta(2.9, Nozzle::freeAirM3Min(Nozzle::largestBoreMm(7, 2.9), 7), 1e-9);
        self::assertLessThanOrEqual(2.9, Nozzle::freeAirM3Min($small->boreToFitMm, 7));
        self::assertGreaterThan(2.9, Nozzle::freeAirM3Min($small->boreToFitMm + 0.5, 7));

        $thin = AirSystem::solve(6.0, 8.0, 8, 8, 7, [30.0, 16.0], [12.0, 16.0]);
        self::assertLessThan(6.0, $thin->nozzleBar);
        self::assertStringContainsString('Hoses and dryer eat', (string) $thin->limit?->in(UnitSystem::Metric));
        self::assertEqualsWithDelta(8.0, $thin->points[0]['bar'], 0.01);
    }

    public function test_a_compressor_is_sized_by_its_duty_cycle_and_for_a_worn_nozzle(): void
    {
        // 8 mm at 7 bar takes 3.88 m³/min; worn out it takes 1.4 times that, and at 60 % duty the plate must say more.
        $air = Nozzle::freeAirM3Min(8, 7);
        self::assertEqualsWithDelta(1.4 * $air / 0.6, AirSystem::compressorM3Min(8, 7, 0.6), 1e-9);
        self::assertEqualsWithDelta(1.4 * $air, AirSystem::compressorM3Min(8, 7, 1.0), 1e-9);
        $new = AirSystem::newBoreMm(7, 1.4 * $air);
        self::assertEqualsWithDelta(8.0, $new, 1e-6, 'bought new, it may wear to what the compressor feeds');
        self::assertLessThan(Nozzle::boreToFitMm(7, 1.4 * $air), $new);
        $line = fn (?float $duty): AirLine => new AirLine(compressorM3Min: 5.0, nozzleMm: 8.0, duty: $duty);
        self::assertSame([5.0, 3.0, null], [
            $line(null)->continuousM3Min(), $line(0.6)->continuousM3Min(), (new AirLine())->continuousM3Min(),
        ]);
        self::assertLessThan($line(null)->at(7)->nozzleBar, $line(0.6)->at(7)->nozzleBar);
        $this->expectException(InvalidInput::class);
        AirSystem::compressorM3Min(8, 7, 0.0);
    }

    public function test_more_compressor_never_gives_less_pressure(): void
    {
        $this->forAll(Generators::choose(8, 80), Generators::choose(4, 12), Generators::choose(20, 90))->then(
            function (int $air, int $bore, int $bar): void {
                $solve = fn (float $m3): float => AirSystem::solve(
                    $m3,
                    9,
                    $bore,
                    $bore,
                    $bar / 10,
                    [10, 25],
                    [8, 25],
                )->nozzleBar;
                self::assertGreaterThanOrEqual($solve($air / 10) - 1e-6, $solve($air / 10 + 0.5));
                self::assertLessThanOrEqual($bar / 10 + 1e-9, $solve($air / 10));
            },
        );
    }

    public function test_thin_sheet_is_not_bowed(): void
    {
        $thin = self::facts(['metal' => 'carbon_steel', 'mass_kg' => 1.9, 'area_m2' => 0.48, 'on_it' => ['rust']]);
        self::assertEqualsWithDelta(((2 * 1.9) / (7850 * 0.48)) * 1000, (float) $thin->part->wallMm(), 1e-9);
        $ranked = MediaChoice::rank($thin, [ArrivalCondition::from('rust')], 3);
        self::assertTrue($ranked[0]->medium->fine);
        $grit = array_values(
            array_filter($ranked, fn (MediaChoice $c): bool => $c->medium->key === 'steel_grit'),
        )[0];
        self::assertStringContainsString('bows thin sheet', self::said($grit->why));
        self::assertTrue($grit->allowed, 'a word, not a stop');
        $thick = MediaChoice::rank(
            self::facts(['metal' => 'carbon_steel', 'mass_kg' => 19, 'area_m2' => 0.48, 'on_it' => ['rust']]),
            [ArrivalCondition::from('rust')],
            3,
        );
        self::assertFalse($thick[0]->medium->fine);
        self::assertNull(self::facts(['metal' => 'magnesium', 'area_m2' => 1])->part->wallMm());
    }

    public function test_media_are_ranked_with_their_reasons(): void
    {
        $steel = MediaChoice::rank(
            self::facts(['metal' => 'carbon_steel', 'on_it' => ['mill_scale']]),
            [ArrivalCondition::from('mill_scale')],
            6,
        );
        self::assertCount(count(Media::keys()), $steel);
        self::assertTrue($steel[0]->allowed);
        self::assertTrue($steel[0]->medium->takesOff(ArrivalCondition::MillScale));
        self::assertSame('silica_sand', end($steel)->medium->key);
        self::assertStringContainsString('lungs', strtolower(self::said(end($steel)->why)));

        $by = fn (array $ranked, string $media): MediaChoice => array_values(
            array_filter($ranked, fn (MediaChoice $c): bool => $c->medium->key === $media),
        )[0];
        $aluminium = MediaChoice::rank(self::facts(['metal' => 'aluminium']), [], 5);
        self::assertFalse($by($aluminium, 'steel_grit')->allowed);
        self::assertTrue($by($aluminium, 'fine_garnet')->allowed);
        $passages = MediaChoice::rank(
            self::facts(['metal' => 'carbon_steel', 'features' => ['oil_passages'], 'on_it' => ['paint']]),
            [ArrivalCondition::from('paint')],
            4,
        );
        self::assertFalse($by($passages, 'glass_bead')->allowed);
        self::assertFalse($passages[0]->medium->hard);
        foreach ([...$steel, ...$aluminium, ...$passages] as $choice) {
            self::assertNotSame([], $choice->why, $choice->medium->key);
        }
    }

    public function test_every_medium_flows_as_it_does_through_a_nozzle_of_eight_at_seven_bar(): void
    {
        foreach (Media::all() as $medium) {
            $kgPerH = 3600 * Nozzle::airKgPerS(8, 7) * $medium->bestMixture;
            self::assertTrue($kgPerH >= 363 && $kgPerH <= 410, "{$medium->name} {$kgPerH}");
        }
        // Old powder off a casting with recesses, crushed glass: tens of kilograms a square metre, not hundreds.
        $glass = BlastPlan::of(
            Media::get('crushed_glass'),
            MetalCatalog::get('cast_iron'),
            [ArrivalCondition::from('old_powder')],
            1.0,
            8,
            7,
            1.4,
            Access::from('some_recesses'),
        );
        self::assertTrue($glass->mediaKg > 30 && $glass->mediaKg < 80, (string) $glass->mediaKg);
        $worn = BlastPlan::of(
            Media::get('crushed_glass'), MetalCatalog::get('cast_iron'), [
                ArrivalCondition::from('old_powder'),
            ], 1.0, 8, 7, 1.4,
            Access::from('some_recesses'), wears: 1.5,
        );
        self::assertEqualsWithDelta(1.5 * $glass->mediaKg, $worn->mediaKg, 1e-9);
        self::assertSame($glass->minutes, $worn->minutes);
    }

    public function test_a_valve_is_learned_from_timed_pots(): void
    {
        $valve = MediaValve::from([[2.0, 40.0, 10.0], [3.0, 40.0, 20 / 3]]);
        self::assertEqualsWithDelta(2.0, $valve->kgPerMinPerTurn, 1e-9);
        self::assertSame(3.25, $valve->turnsFor(6.55));
        self::assertEqualsWithDelta(1.28, $valve->mixture(3.0, 60 * 0.078125), 1e-3);
        // The wider open, the more a pot weighs.
        self::assertEqualsWithDelta((2 * 4 + 3 * 3) / 13, MediaValve::from([[2, 40, 10], [3, 30, 10]])
            ->kgPerMinPerTurn, 1e-9);
        foreach ([[0, 40, 10], [2, 0, 10], [2, 40, 0]] as $wrong) {
            try {
                MediaValve::from([array_map(floatval(...), $wrong)]);
                self::fail('was taken');
            } catch (InvalidInput $e) {
                self::assertStringContainsString('above 0', $e->getMessage());
            }
        }
    }
}

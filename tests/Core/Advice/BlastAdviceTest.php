<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Advice\BlastAdvice;
use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Advice\Cleanliness;
use Aenum\Core\Advice\MediaChoice;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\Access;
use Aenum\Core\Preparation\Blasting\AirLine;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Routing\MediumLot;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the blast bench says of one part with this shop's air and media. */
final class BlastAdviceTest extends TestCase
{
    /** @param  list<MediumLot>  $lots */
    private static function bench(PartRouting $job, array $lots = [], ?BlastSetting $set = null): BlastAdvice
    {
        return BlastAdvice::for($job, new AirLine(), ShopFactor::from([]), $lots, $set ?? new BlastSetting());
    }

    /** @return array<string, MediaChoice> by medium */
    private static function choices(BlastAdvice $bench): array
    {
        return array_column(
            array_map(fn (MediaChoice $one): array => [$one->medium->key, $one], $bench->choices),
            1,
            0,
        );
    }

    private static function lot(string $medium): MediumLot
    {
        return new MediumLot(Media::get($medium));
    }

    /** @return array<string, array{array<string, mixed>, float}> part, and the bar wanted where nobody has said */
    public static function pressures(): array
    {
        // Wall: 5 kg of steel on 1 m2 of both faces are 1.3 mm; 20 kg are 5.1.
        return [
            'a stout part' => [['metal' => 'carbon_steel', 'mass_kg' => 20], 6.0],
            'thin sheet' => [['metal' => 'carbon_steel'], 3.0],
            'galvanised, stout or not' => [['metal' => 'galvanised_steel', 'mass_kg' => 20], 2.5],
        ];
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('pressures')]
    public function test_the_pressure_is_what_the_part_stands(array $part, float $bar): void
    {
        self::assertSame($bar, self::bench(AdviceJob::of($part))->air->wantedBar);
    }

    public function test_what_somebody_turned_goes_before_what_was_planned_and_that_before_what_is_usual(): void
    {
        $part = ['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['rust']];
        $planned = AdviceJob::of($part, ['blast' => ['media' => 'garnet', 'pressure_bar' => 4.5]]);
        $bench = self::bench($planned);
        self::assertSame(['garnet', 4.5], [$bench->medium->key, $bench->air->wantedBar]);
        $turned = new BlastSetting(Media::get('steel_grit'), 5.0, 2.0, Access::Deep);
        $bench = self::bench($planned, [], $turned);
        self::assertSame(
            ['steel_grit', 5.0, 2.0, Access::Deep],
            [$bench->medium->key, $bench->air->wantedBar, $bench->mixture, $bench->access],
        );
        $open = self::bench(AdviceJob::of($part));
        self::assertSame([$open->medium->bestMixture, Access::Open], [$open->mixture, $open->access]);
        self::assertSame(
            Access::SomeRecesses,
            self::bench(AdviceJob::of($part + ['features' => ['recesses']]))->access,
        );
    }

    public function test_a_mixture_off_its_best_says_what_it_leaves(): void
    {
        $job = AdviceJob::of(['metal' => 'carbon_steel', 'on_it' => ['rust']]);
        $best = self::bench($job)->medium->bestMixture;
        $percent = fn (float $times): int => self::bench($job, [], new BlastSetting(mixture: $times * $best))
            ->mixturePercent();
        // x e^(1 - x).
        self::assertSame([100, 82, 74], [$percent(1.0), $percent(0.5), $percent(2.0)]);
    }

    public function test_what_the_shop_has_is_taken_where_it_does_half_as_well_as_the_best(): void
    {
        $job = AdviceJob::of(['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['rust']]);
        $bench = self::bench($job);
        $best = $bench->choices[0];
        self::assertSame($best->medium, $bench->medium, 'with nothing in the shop the best there is');
        $scores = array_map(fn (MediaChoice $one): float => $one->score, self::choices($bench));
        foreach (['glass_bead', 'crushed_glass', 'fine_garnet', 'silica_sand', 'soda'] as $key) {
            $isGood = $scores[$key] >= 0.5 * $best->score && $key !== 'silica_sand';
            self::assertSame(
                $isGood ? $key : $best->medium->key,
                self::bench($job, [self::lot($key)])->medium->key,
                $key,
            );
        }
        self::assertGreaterThan(0.5 * $best->score, $scores['crushed_glass']);
        self::assertLessThan(0.5 * $best->score, $scores['soda']);
    }

    public function test_a_medium_with_oil_in_it_is_passed_over_and_one_that_is_chosen_is_warned_of(): void
    {
        $job = AdviceJob::of(['metal' => 'aluminium', 'mass_kg' => 20, 'on_it' => ['paint']]);
        $clean = self::lot('aluminium_oxide');
        $irony = new MediumLot($clean->medium, ironFrom: ['grate']);
        self::assertSame('aluminium_oxide', self::bench($job, [$clean, self::lot('garnet')])->medium->key);
        self::assertSame('garnet', self::bench($job, [$irony, self::lot('garnet')])->medium->key);
        $bench = self::bench($job, [$irony], new BlastSetting($clean->medium));
        self::assertSame($irony, $bench->lot);
        $says = array_map(fn (Finding $one): string => $one->rule->key, $bench->findings(20.0, 50.0));
        $plain = self::bench($job, [$clean], new BlastSetting($clean->medium))->findings(20.0, 50.0);
        self::assertNotSame($says, array_map(fn (Finding $one): string => $one->rule->key, $plain));
        self::assertNull(self::bench($job, [self::lot('soda')], new BlastSetting($clean->medium))->lot);
    }

    public function test_clean_metal_that_is_only_swept_takes_a_sweep_s_minutes_and_media(): void
    {
        $part = ['metal' => 'aluminium', 'area_m2' => 8.0, 'mass_kg' => 60];
        $job = fn (string ...$kinds): PartRouting => AdviceJob::of($part, ['steps' => array_map(
            fn (string $kind): array => ['step' => $kind], array_values($kinds),
        )]);
        [$swept, $blasted] = [self::bench($job('sweep_blast')), self::bench($job('blast'))];
        self::assertSame([2.5, 6.0], [$swept->air->wantedBar, $blasted->air->wantedBar]);
        self::assertLessThan($blasted->plan->minutes, $swept->plan->minutes);
        self::assertLessThan(0.5 * $blasted->plan->mediaKg, $swept->plan->mediaKg);
        self::assertEquals($blasted->plan, self::bench($job('blast', 'sweep_blast'))->plan, 'a blast is a blast');
    }

    public function test_the_blast_takes_off_what_is_left_and_never_grease(): void
    {
        $left = fn (array $on, array $more = []): array => BlastAdvice::onIt(
            AdviceJob::of(['metal' => 'carbon_steel', 'on_it' => $on], $more),
        );
        self::assertSame([ArrivalCondition::Rust], $left(['grease', 'rust']));
        $both = ['paint', 'rust'];
        $blasted = ['steps' => [['step' => 'blast'], ['step' => 'coat', 'coat' => 1]]];
        self::assertSame([ArrivalCondition::Paint, ArrivalCondition::Rust], $left($both, $blasted));
        $stripped = ['steps' => [['step' => 'strip_chemical'], ...$blasted['steps']]];
        self::assertSame([ArrivalCondition::Rust], $left($both, $stripped));
    }

    public function test_taking_less_off_takes_less_time_with_all_else_as_it_is_set(): void
    {
        $part = ['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['mill_scale', 'rust']];
        $job = AdviceJob::of($part);
        $worn = new AirLine(nozzleMm: 9.5);
        $bench = BlastAdvice::for($job, $worn, ShopFactor::from([]), [], new BlastSetting(bar: 5.0));
        $all = [ArrivalCondition::MillScale, ArrivalCondition::Rust];
        self::assertEqualsWithDelta($bench->plan->minutes, $bench->taking($all)->minutes, 1e-9, 'also its worn nozzle');
        self::assertEqualsWithDelta($bench->plan->mediaKg, $bench->taking($all)->mediaKg, 1e-9);
        $ratio = ArrivalCondition::slowestM2PerH(ArrivalCondition::Rust) / ArrivalCondition::slowestM2PerH(...$all);
        self::assertEqualsWithDelta(
            $bench->plan->minutes / $ratio,
            $bench->taking([ArrivalCondition::Rust])->minutes,
            1e-9,
        );
    }

    public function test_what_this_shop_wears_away_is_in_the_media_and_not_in_the_minutes(): void
    {
        $job = AdviceJob::of(['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['rust']]);
        $set = new BlastSetting(Media::get('garnet'));
        $wears = ShopFactor::from(array_fill(0, 7, [1.0, 2.0]));
        $plain = self::bench($job, [], $set);
        $lot = new MediumLot(Media::get('garnet'), wears: $wears);
        $dear = self::bench($job, [$lot], $set);
        self::assertEqualsWithDelta($wears->factor, $dear->plan->mediaKg / $plain->plan->mediaKg, 1e-9);
        self::assertSame($plain->plan->minutes, $dear->plan->minutes);
        self::assertEqualsWithDelta(
            $wears->factor,
            $dear->taking([ArrivalCondition::Rust])->mediaKg / $plain->taking([ArrivalCondition::Rust])->mediaKg,
            1e-9,
        );
        self::assertNull($plain->turns(), 'nobody has timed a pot of it');
    }

    public function test_a_medium_s_worth_by_hand(): void
    {
        $job = AdviceJob::of(
            ['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['mill_scale']],
            ['coats' => [['role' => 'base', 'bake_c' => 190, 'film_um' => 90]]],
        );
        $bench = self::bench($job, [], new BlastSetting(bar: 7.0));
        $steel = MetalCatalog::get('carbon_steel');
        foreach (self::choices($bench) as $key => $one) {
            $medium = Media::get($key);
            $share = BlastPlan::rz($medium, $steel, 7.0) / 90;
            $worth = $medium->rate * (1 - 0.15 / $medium->cycles)
                * ($medium->takesOff(ArrivalCondition::MillScale) ? 1.0 : 0.2)
                * ($share < 0.1 ? 0.4 : 1.0)
                * ($share > 1 / 3 ? 0.6 : 1.0);
            self::assertEqualsWithDelta($worth, $one->score, 1e-12, $key);
        }
        $why = fn (string $key): string => Message::all(self::choices($bench)[$key]->why)->in(UnitSystem::Metric);
        self::assertStringContainsString('It does not take mill scale off.', $why('glass_bead'));
        self::assertStringNotContainsString('does not take', $why('garnet'));
        self::assertStringContainsString('little for the film to hold to', $why('plastic'));
        self::assertStringContainsString('right for the film planned', $why('fine_garnet'));
        self::assertStringContainsString('peaks near the top of the film', $why('steel_grit'));
        self::assertStringContainsString('95 % of aluminium oxide; a grain lasts about 4 uses', $why('garnet'));
        self::assertStringContainsString('a grain lasts about one use.', $why('soda'));
        self::assertStringNotContainsString('Cleans at', $why('silica_sand'), 'nothing is said for what must not be');
    }

    public function test_coarse_grain_is_worth_half_on_thin_sheet(): void
    {
        $score = fn (float $kg, string $medium): float => self::choices(self::bench(
            AdviceJob::of(['metal' => 'carbon_steel', 'mass_kg' => $kg, 'on_it' => ['rust']]),
            [],
            new BlastSetting(bar: 3.0),
        ))[$medium]->score;
        self::assertEqualsWithDelta(0.5 * $score(20, 'garnet'), $score(5, 'garnet'), 1e-12);
        self::assertSame($score(20, 'fine_garnet'), $score(5, 'fine_garnet'));
    }

    public function test_without_a_coat_planned_the_film_is_taken_to_be_a_usual_one(): void
    {
        $bite = fn (array $coats): string => Message::all(self::choices(self::bench(
            AdviceJob::of(['metal' => 'carbon_steel', 'mass_kg' => 20, 'on_it' => ['rust']], ['coats' => $coats]),
            [],
            new BlastSetting(bar: 7.0),
        ))['glass_bead']->why)->in(UnitSystem::Metric);
        // Its 7.4 um under 7 bar are a tenth of 74: a film of 70 holds to it, one of 80 hardly.
        $film = fn (float $um): array => [['role' => 'base', 'bake_c' => 190, 'film_um' => $um]];
        self::assertSame($bite($film(70)), $bite([]));
        self::assertNotSame($bite($film(200)), $bite([]));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> part, where it lives, grade */
    public static function grades(): array
    {
        $steel = ['metal' => 'carbon_steel'];

        return [
            'indoors' => [$steel, 'indoors', 'Sa 2, thorough'],
            'outdoors' => [$steel, 'outdoors', 'Sa 2½, near white'],
            'at the coast' => [$steel, 'coast', 'Sa 3, white metal'],
            'mill scale, even indoors' => [$steel + ['on_it' => ['mill_scale']], 'indoors', 'Sa 3, white metal'],
            'zinc' => [['metal' => 'galvanised_steel'], 'outdoors', 'swept: dull all over, zinc still there'],
            'light metal' => [['metal' => 'aluminium'], 'coast', 'evenly dull, no shine left'],
        ];
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('grades')]
    public function test_how_clean_it_must_be(array $part, string $where, string $grade): void
    {
        self::assertSame($grade, Cleanliness::for(AdviceJob::of($part, ['where' => $where])->facts)->grade);
    }
}

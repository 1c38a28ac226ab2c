<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\DefectCatalog;
use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\Diagnosis;
use Aenum\Core\Inspection\Evidence;
use Aenum\Core\Inspection\LikelyCause;
use Aenum\Core\Inspection\SettlingCheck;
use Aenum\Core\Inspection\WeighedEvidence;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each fault with a record that points to each of its causes; a blank record gives the usual order. */
final class DiagnosisTest extends TestCase
{
    /** A record with nothing amiss. */
    private const NOTHING_AMISS = [
        'degreased' => true, 'blasted' => true, 'baked_out' => true, 'metal_gasses' => false, 'rinsed' => true,
        'dried' => true, 'blown_out' => true, 'has_seams' => false, 'plated' => false, 'was_rusty' => false,
        'edges_broken' => true, 'oily_media' => false, 'air_dry' => true, 'booth_cleaned' => true,
        'hooks_clean' => true, 'bare_over_min' => -60.0, 'humidity_pct' => 45.0, 'bath_over_min' => -2.0,
        'ground_measured' => true, 'ground_ohm' => 900.0, 'charge_index' => 0.5, 'recess_kv' => 45.0,
        'away_mm' => 230.0, 'recess_ratio' => 0.6, 'recess_first' => true, 'film_share' => 1.0, 'profile_um' => 35.0,
        'part_c' => 22.0, 'is_recoat' => false, 'cured_under_abraded' => true, 'past_date' => false,
        'fluidised' => true, 'bonded' => true, 'even_hand' => true, 'one_lot' => true, 'panel_signed' => true,
        'clear_allowed' => true, 'heat_up_min' => 10.0, 'dose' => 1.2, 'overbake' => 0.4, 'rub_rating' => 5.0,
        'gas_fired' => false, 'handled_hot' => false, 'masks_counted' => true, 'wiped' => true, 'masked' => true,
        'clip_moved' => true, 'agreed' => false,
    ];

    /** What is amiss in a record where a cause is at work. */
    private const AMISS = [
        'oil_left' => ['degreased' => false, 'oily_media' => true],
        'rust_left' => ['was_rusty' => true, 'blasted' => false],
        'oily_air' => ['air_dry' => false, 'same_gun_jobs' => 2.0],
        'other_powder' => ['booth_cleaned' => false],
        'metal_gas' => ['metal_gasses' => true, 'baked_out' => false],
        'deep_profile' => ['profile_um' => 95.0],
        'moisture' => ['dried' => false, 'humidity_pct' => 78.0],
        'trapped' => ['has_seams' => true, 'blown_out' => false],
        'heavy_film' => ['film_share' => 1.7],
        'thin_film' => ['film_share' => 0.45],
        'wrong_film' => ['film_share' => 1.6],
        'much_charge' => ['charge_index' => 1.2],
        'gun_close' => ['away_mm' => 120.0, 'same_person_jobs' => 2.0],
        'poor_earth' => ['ground_ohm' => 3e7],
        'over_film' => ['is_recoat' => true],
        'slow_heat' => ['heat_up_min' => 40.0],
        'old_powder' => ['past_date' => true, 'same_lot_jobs' => 2.0],
        'damp_powder' => ['humidity_pct' => 85.0, 'fluidised' => false],
        'gun_air' => ['same_gun_jobs' => 3.0],
        'hot_part' => ['part_c' => 70.0],
        'sharp_edge' => ['edges_broken' => false],
        'recess_late' => ['recess_first' => false],
        'high_voltage' => ['recess_kv' => 85.0],
        'deep_recess' => ['recess_ratio' => 0.12],
        'under_cured' => ['dose' => 0.6, 'rub_rating' => 1.0],
        'over_baked' => ['overbake' => 1.4],
        'oven_fumes' => ['gas_fired' => true],
        'plating_under' => ['plated' => true],
        'no_tooth' => ['blasted' => false],
        'cured_under' => ['cured_under_abraded' => false, 'is_recoat' => true],
        'booth_dirt' => ['booth_cleaned' => false],
        'hook_dirt' => ['hooks_clean' => false, 'same_rack_jobs' => 2.0],
        'stood_bare' => ['bare_over_min' => 40.0],
        'damp_air' => ['humidity_pct' => 84.0],
        'bath_long' => ['bath_over_min' => 4.0],
        'not_rinsed' => ['rinsed' => false],
        'uneven_hand' => ['even_hand' => false, 'same_person_jobs' => 2.0],
        'not_fluidised' => ['fluidised' => false],
        'blended_flake' => ['bonded' => false],
        'other_lot' => ['one_lot' => false],
        'clear_unfit' => ['clear_allowed' => false],
        'no_panel' => ['panel_signed' => false],
        'handled_soon' => ['handled_hot' => true],
        'not_counted' => ['masks_counted' => false],
        'not_wiped' => ['wiped' => false],
        'not_masked' => ['masked' => false],
        'clip_not_moved' => ['clip_moved' => false],
        'agreed_on' => ['agreed' => true],
    ];

    /** @return iterable<string, array{DefectKind, DefectCause}> */
    public static function pairs(): iterable
    {
        foreach (DefectKind::cases() as $defect) {
            foreach ($defect->causes() as $cause) {
                yield "{$defect->value} by {$cause->value}" => [$defect, $cause];
            }
        }
    }

    #[DataProvider('pairs')]
    public function test_a_record_that_points_to_a_cause_has_it_first(DefectKind $defect, DefectCause $cause): void
    {
        $record = self::AMISS[$cause->value] + self::NOTHING_AMISS;
        $found = Diagnosis::of($defect, $record);
        self::assertSame($cause, $found->first()->cause);
        // Where nothing is amiss its odds are not a third of that.
        $quiet = Diagnosis::of($defect, self::NOTHING_AMISS);
        $of = fn (Diagnosis $all): float => array_column(
            array_map(fn (LikelyCause $one): array => [$one->cause->value, $one->logOdds], $all->causes),
            1,
            0,
        )[$cause->value];
        self::assertGreaterThan(1.1 + $of($quiet), $of($found));
        self::assertEqualsWithDelta(
            1.0,
            $found->other + array_sum(array_map(fn (LikelyCause $one): float => $one->posterior, $found->causes)),
            1e-9,
        );
    }

    #[DataProvider('pairs')]
    public function test_what_bears_on_a_cause_is_asked_of_the_fault(DefectKind $defect, DefectCause $cause): void
    {
        $asked = array_map(fn (Evidence $one): string => $one->value, DefectCatalog::asks($defect));
        self::assertSame([], array_diff(array_keys(DefectCatalog::weights($cause)), $asked));
        self::assertNotSame([], array_intersect(array_keys(self::AMISS[$cause->value]), $asked));
    }

    public function test_a_blank_record_gives_the_usual_order(): void
    {
        foreach (DefectKind::cases() as $defect) {
            $found = Diagnosis::of($defect, []);
            $order = array_map(fn (LikelyCause $one): DefectCause => $one->cause, $found->causes);
            self::assertSame($defect->causes(), $order, $defect->value);
            foreach ($found->causes as $one) {
                self::assertSame([], $one->evidence);
                self::assertEqualsWithDelta($one->prior, $one->posterior, 1e-12);
                self::assertEqualsWithDelta(log($one->prior / DefectCatalog::OTHER), $one->logOdds, 1e-12);
            }
        }
    }

    public function test_the_weights_add_up_to_the_log_odds_and_are_shown(): void
    {
        $found = Diagnosis::of(DefectKind::Fisheye, ['degreased' => false, 'oily_media' => true, 'air_dry' => true]);
        $first = $found->first();
        self::assertSame(DefectCause::OilLeft, $first->cause);
        $weights = array_map(fn (WeighedEvidence $one): float => $one->weight, $first->evidence);
        self::assertEqualsWithDelta([1.8, 1.4], $weights, 1e-12);
        self::assertEqualsWithDelta(
            log($first->prior / DefectCatalog::OTHER) + array_sum($weights),
            $first->logOdds,
            1e-12,
        );
        self::assertSame('degreased: no', $first->evidence[0]->words()->in(UnitSystem::Metric));
    }

    public function test_a_figure_weighs_by_how_far_it_goes(): void
    {
        $weight = fn (array $record): float => array_sum(array_map(
            fn (LikelyCause $one): float => $one->cause === DefectCause::StoodBare ? $one->evidence[0]->weight : 0.0,
            Diagnosis::of(DefectKind::FlashRust, $record)->causes,
        ));
        self::assertEqualsWithDelta(2.0, $weight(['bare_over_min' => 20.0]), 1e-12);
        self::assertEqualsWithDelta(2.0, $weight(['bare_over_min' => 400.0]), 1e-12, 'no more than fully');
        self::assertEqualsWithDelta(1.0, $weight(['bare_over_min' => 12.5]), 1e-12);
        self::assertEqualsWithDelta(0.0, $weight(['bare_over_min' => 5.0]), 1e-12);
        self::assertEqualsWithDelta(-1.4, $weight(['bare_over_min' => -10.0]), 1e-12);
        $earth = fn (float $ohm): float => array_sum(array_map(
            fn (LikelyCause $one): float => $one->cause === DefectCause::PoorEarth ? $one->evidence[0]->weight : 0.0,
            Diagnosis::of(DefectKind::Stars, ['ground_ohm' => $ohm])->causes,
        ));
        self::assertEqualsWithDelta(0.0, $earth(1e6), 1e-12, 'at the limit it says nothing');
        self::assertEqualsWithDelta(2.0, $earth(1e7), 1e-12);
        self::assertEqualsWithDelta(-1.2, $earth(1e5), 1e-12);
        self::assertEqualsWithDelta(-1.2, $earth(0.0), 1e-12);
    }

    public function test_confirmed_causes_move_what_is_usual_and_a_few_do_not_take_over(): void
    {
        $usual = DefectCatalog::usual(DefectKind::Crater);
        self::assertEqualsWithDelta(0.92, array_sum($usual), 1e-12);
        $one = DefectCatalog::usual(DefectKind::Crater, ['other_powder' => 1]);
        self::assertGreaterThan($usual['other_powder'], $one['other_powder']);
        self::assertGreaterThan($one['other_powder'], $one['oily_air'], 'one confirmed is not a rule');
        $many = DefectCatalog::usual(DefectKind::Crater, ['other_powder' => 20, 'sharp_edge' => 50]);
        self::assertGreaterThan($many['oily_air'], $many['other_powder']);
        // (8·0.2971 + 20)/28 of 0.92, by hand.
        self::assertEqualsWithDelta(
            0.92 * (8 * (0.55 / (1 + 0.55 + 0.3025)) + 20) / 28,
            $many['other_powder'],
            1e-12,
        );
    }

    public function test_the_check_that_tells_most_is_the_one_that_parts_what_is_left(): void
    {
        self::assertSame(SettlingCheck::Rub, Diagnosis::of(DefectKind::SoftFilm, [])->check);
        self::assertSame(SettlingCheck::BlowOnPaper, Diagnosis::of(DefectKind::Crater, [
            'booth_cleaned' => true, 'degreased' => true,
        ])->check);
        $stars = Diagnosis::of(DefectKind::Stars, [
            'film_share' => 0.5, 'away_mm' => 230.0, 'is_recoat' => false, 'ground_measured' => false,
        ]);
        self::assertSame(SettlingCheck::Earth, $stars->check);
        self::assertGreaterThan(0.05, $stars->checkBits);
        // Two equally likely causes, one answer yes: 1 − H(0.9) bits.
        self::assertEqualsWithDelta(
            1 + 0.9 * log(0.9, 2) + 0.1 * log(0.1, 2),
            SettlingCheck::Rub->bits(['under_cured' => 0.5, 'old_powder' => 0.5]),
            1e-12,
        );
        self::assertEqualsWithDelta(0.0, SettlingCheck::Rub->bits(['under_cured' => 1.0]), 1e-12);
        self::assertNull(
            Diagnosis::of(DefectKind::MaskLeft, ['masks_counted' => false])->check,
            'nothing left to tell',
        );
    }

    public function test_what_a_record_cannot_hold_is_refused_by_name(): void
    {
        foreach (
            [
                [['humidity_pct' => 101.0], 'humidity_pct'], [['humidity_pct' => true], 'humidity_pct'],
                [['degreased' => 1.0], 'degreased'], [['moon' => true], 'moon'], [['rub_rating' => 0.9], 'rub_rating'],
            ] as [$record, $place]
        ) {
            try {
                Diagnosis::of(DefectKind::Fisheye, $record);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }

    public function test_every_fault_is_worded_whole(): void
    {
        foreach (DefectKind::cases() as $defect) {
            foreach ([$defect->label(), $defect->looks(), $defect->remedy(), $defect->nextTime()] as $words) {
                self::assertNotSame('', $words);
            }
        }
        $used = array_merge(...array_map(fn (DefectKind $one): array => $one->causes(), DefectKind::cases()));
        foreach (DefectCause::cases() as $cause) {
            self::assertContains($cause, $used, "{$cause->value} does no fault");
        }
    }

    /** @return array<string, array{DefectKind, DefectCause, string, float, ?float}> */
    public static function figures(): array
    {
        $recess = DefectKind::ThinRecess;

        return [
            'a count of none says nothing' => [DefectKind::Seeds, DefectCause::HookDirt, 'same_rack_jobs', 0.0, 0.0],
            'a count of half' => [DefectKind::Seeds, DefectCause::HookDirt, 'same_rack_jobs', 1.5, 0.5],
            'three jobs are enough' => [DefectKind::Seeds, DefectCause::HookDirt, 'same_rack_jobs', 3.0, 1.0],
            'ten are no more' => [DefectKind::Seeds, DefectCause::HookDirt, 'same_rack_jobs', 10.0, 1.0],
            'a hundred thousand ohms are plainly good' => [$recess, DefectCause::PoorEarth, 'ground_ohm', 1e5, null],
            'no ohm at all is as good' => [$recess, DefectCause::PoorEarth, 'ground_ohm', 0.0, null],
            'the limit is even' => [$recess, DefectCause::PoorEarth, 'ground_ohm', 1e6, 0.0],
            'over both ends it is held' => [$recess, DefectCause::HighVoltage, 'recess_kv', 200.0, 1.8],
            'and under' => [$recess, DefectCause::HighVoltage, 'recess_kv', 0.0, -0.9],
        ];
    }

    #[DataProvider('figures')]
    public function test_a_figure_weighs_by_where_it_stands_on_its_scale(
        DefectKind $defect,
        DefectCause $cause,
        string $evidence,
        float $value,
        ?float $weight,
    ): void {
        $found = array_values(array_filter(
            Diagnosis::of($defect, [$evidence => $value])->causes,
            fn (LikelyCause $one): bool => $one->cause === $cause,
        ))[0];
        $against = DefectCatalog::weights($cause)[$evidence][1];
        self::assertEqualsWithDelta($weight ?? $against, $found->evidence[0]->weight, 1e-9);
    }

    public function test_shares_come_to_one_with_what_the_list_does_not_name(): void
    {
        foreach (DefectKind::cases() as $defect) {
            $found = Diagnosis::of($defect, ['same_lot_jobs' => 1.0, 'dose' => 0.8, 'degreased' => false]);
            $sum = $found->other + array_sum(array_map(fn (LikelyCause $o): float => $o->posterior, $found->causes));
            self::assertEqualsWithDelta(1.0, $sum, 1e-12, $defect->value);
            foreach ($found->causes as $one) {
                self::assertEqualsWithDelta(exp($one->logOdds) * $found->other, $one->posterior, 1e-12);
            }
        }
    }
}

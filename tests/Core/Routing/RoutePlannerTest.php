<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\BareSteelClock;
use Aenum\Core\Preparation\Blasting\Nozzle;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoutePlannerTest extends TestCase
{
    private static function answer(array $facts): array
    {
        return RouteFile::parse(json_encode($facts + ['format' => 'aenum-route/1'], JSON_THROW_ON_ERROR))->answer();
    }

    /** @return list<string> */
    private static function steps(array $facts): array
    {
        return array_column(self::answer($facts)['steps'], 'step');
    }

    private const CASTING = [
        'part' => [
            'metal' => 'cast_iron',
            'made' => 'cast',
            'mass_kg' => 34,
            'area_m2' => 1.15,
            'count' => 4,
            'on_it' => ['rust'],
            'features' => ['threads', 'faces'],
            'oily' => true,
        ],
        'coats' => [['role' => 'primer', 'bake_c' => 180], ['role' => 'base', 'bake_c' => 200]],
        'where' => 'outdoors',
    ];

    public function test_where_the_bake_out_goes_is_the_house_way(): void
    {
        $order = fn (string $way): array => array_values(
            array_intersect(self::steps(['house' => ['bake_out' => $way]] + self::CASTING), [
                'bake_out',
                'blast',
                'sweep_blast',
            ]),
        );
        self::assertSame(['bake_out', 'blast'], $order('before_blast'));
        self::assertSame(['blast', 'bake_out', 'sweep_blast'], $order('after_blast'));
        self::assertSame(['bake_out', 'blast', 'bake_out', 'sweep_blast'], $order('both'));
        self::assertSame($order('both'), $order('by_part'));
        $clean = ['part' => ['oily' => false] + self::CASTING['part']] + self::CASTING;
        self::assertSame(
            ['blast', 'bake_out', 'sweep_blast'],
            array_values(array_intersect(self::steps($clean), ['bake_out', 'blast', 'sweep_blast'])),
        );
        self::assertNotContains('bake_out', self::steps(['part' => ['metal' => 'carbon_steel']] + self::CASTING));
    }

    public function test_the_bake_out_is_hotter_than_any_cure_and_the_last_clean_follows_metal_and_use(): void
    {
        $steps = self::answer(self::CASTING)['steps'];
        $out = $steps[array_search('bake_out', array_column($steps, 'step'), true)];
        self::assertEquals(210, $out['pmt_c']);
        self::assertContains('phosphate', self::steps(self::CASTING));
        $aluminium = self::steps([
            'part' => ['metal' => 'aluminium'],
            'coats' => [['bake_c' => 200]],
            'where' => 'coast',
        ]);
        self::assertContains('conversion', $aluminium);
        self::assertNotContains('phosphate', $aluminium);
        self::assertContains(
            'solvent_wipe',
            self::steps(['part' => ['metal' => 'carbon_steel'], 'coats' => [['bake_c' => 200]]]),
        );
        self::assertContains(
            'sweep_blast',
            self::steps(['part' => ['metal' => 'galvanised_steel'], 'coats' => [['bake_c' => 200]]]),
        );
        self::assertContains(
            'strip_chemical',
            self::steps([
                'part' => ['metal' => 'carbon_steel', 'on_it' => ['old_powder']],
                'coats' => [['bake_c' => 200]],
            ]),
        );
        self::assertNotContains(
            'strip_chemical',
            self::steps([
                'part' => ['metal' => 'carbon_steel', 'on_it' => ['old_powder']],
                'coats' => [['bake_c' => 200]],
                'house' => ['strip' => 'blast'],
            ]),
        );
    }

    public function test_stripping_goes_the_house_s_way_and_never_where_it_eats_the_metal(): void
    {
        $steps = fn (string $metal, array $on, array $house): array => array_values(
            array_intersect(
                self::steps([
                    'part' => ['metal' => $metal, 'on_it' => $on],
                    'coats' => [['bake_c' => 200]],
                    'house' => $house,
                ]),
                ['strip_chemical', 'strip_caustic', 'burn_off', 'rust_convert', 'blast', 'sweep_blast'],
            ),
        );
        self::assertSame(['strip_caustic', 'blast'], $steps('carbon_steel', ['paint'], ['strip' => 'caustic']));
        self::assertSame(['strip_chemical', 'blast'], $steps('aluminium', ['paint'], ['strip' => 'caustic']));
        self::assertSame(['burn_off', 'blast'], $steps('carbon_steel', ['old_powder'], ['strip' => 'burn_off']));
        self::assertSame(
            ['strip_chemical', 'blast'],
            $steps('cast_aluminium', ['old_powder'], ['strip' => 'burn_off']),
        );
        self::assertSame(['blast'], $steps('carbon_steel', ['rust'], ['strip' => 'caustic']));
        self::assertSame(['rust_convert'], $steps('carbon_steel', ['rust'], ['rust' => 'convert']));
        self::assertSame(
            ['strip_chemical', 'rust_convert'],
            $steps('carbon_steel', ['rust', 'old_powder'], ['rust' => 'convert']),
        );
        self::assertSame(
            ['blast'],
            $steps('carbon_steel', ['rust', 'mill_scale'], ['rust' => 'convert']),
            'scale is not converted',
        );
        self::assertSame(['blast'], $steps('bronze', ['rust'], ['rust' => 'convert']));
        $convert = self::answer([
            'part' => ['metal' => 'carbon_steel', 'on_it' => ['rust']],
            'coats' => [['bake_c' => 200]],
            'house' => ['rust' => 'convert'],
        ])['steps'];
        self::assertEquals(
            1480,
            $convert[array_search('rust_convert', array_column($convert, 'step'), true)]['wait_min'],
            'two coats and the converter\'s day',
        );
        self::assertLessThan(
            480,
            self::answer([
                'part' => ['metal' => 'carbon_steel', 'on_it' => ['old_powder']],
                'house' => ['strip' => 'caustic'],
            ])['wait_min'],
        );
    }

    public function test_masking_early_or_late_and_more_work_for_more_pieces(): void
    {
        $at = fn (string $way, string $step): int => (int) array_search(
            $step,
            self::steps(['house' => ['masking' => $way]] + self::CASTING),
            true,
        );
        self::assertLessThan($at('plugs_early', 'blast'), $at('plugs_early', 'plug_mask'));
        self::assertGreaterThan($at('plugs_early', 'blast'), $at('plugs_early', 'tape_mask'));
        self::assertLessThan($at('all_early', 'blast'), $at('all_early', 'tape_mask'));
        self::assertGreaterThan($at('all_late', 'blast'), $at('all_late', 'plug_mask'));
        $many = ['part' => ['count' => 240] + self::CASTING['part']] + self::CASTING;
        self::assertGreaterThan(10 * self::answer(self::CASTING)['minutes'], self::answer($many)['minutes']);
    }

    /** What the planner lays out never breaks a rule of order: for every metal, use and house way. */
    public function test_no_laid_out_route_contradicts_itself(): void
    {
        mt_srand(5);
        $pick = fn (array $from): mixed => $from[mt_rand(0, count($from) - 1)];
        $order = [
            'degrease-before-blast',
            'wash-before-tape',
            'dry-after-wash',
            'bake-out-too-cool',
            'bake-out-margin',
            'bake-out-too-short',
            'dirty-after-clean',
            'casting-needs-bake-out',
            'galvanised-needs-bake-out',
            'oily-needs-bake-out',
            'phosphate-on-aluminium',
            'agent-on-metal',
            'agent-not-rinsed',
            'oil-into-oven',
            'converter-swept',
            'relief-bake-missing',
            'burn-off-unfit',
            'burn-off-gas',
            'warm-first-coat',
            'ground-not-measured',
            'stamped-plate',
            'scale-under-powder',
            'rust-under-powder',
            'light-rust-under-powder',
            'grease-under-powder',
            'plastic-under-powder',
            'plastic-into-oven',
            'unsound-film-under-powder',
            'unkeyed-film-under-powder',
            'converter-washed',
            'zinc-rich-on-phosphate',
            'bath-on-plating',
        ];
        for ($n = 0; $n < 400; $n++) {
            $house = array_map($pick, ShopPolicies::choices());
            unset($house['mask_with']);
            // A house that washes after taping early asks for that contradiction; so does one that blasts off what it
            // could strip.
            $house['masking'] = $pick(['plugs_early', 'all_late']);
            $found = self::answer([
                'part' => [
                    'metal' => $pick(array_values(array_diff(MetalCatalog::keys(), ['magnesium', 'lead_or_tin']))),
                    'made' => $pick(array_column(Fabrication::cases(), 'value')),
                    'count' => mt_rand(1, 50),
                    'mass_kg' => mt_rand(1, 80),
                    'area_m2' => mt_rand(1, 40) / 10,
                    'on_it' => [$pick(array_column(ArrivalCondition::cases(), 'value'))],
                    'features' => [$pick(['threads', 'faces', 'seams', 'stamped_plate'])],
                    'oily' => (bool) mt_rand(0, 1),
                    'old_primer_tight' => (bool) mt_rand(0, 1),
                ],
                'where' => $pick(['indoors', 'outdoors', 'coast']),
                'coats' => [
                    ['bake_c' => 180, 'zinc_rich' => (bool) mt_rand(0, 1)],
                    ...array_fill(0, mt_rand(0, 2), ['bake_c' => mt_rand(160, 200)]),
                ],
                'house' => $house,
                'humidity_pct' => 30,
            ])['findings'];
            self::assertSame(
                [],
                array_values(array_intersect($order, array_column($found, 'rule'))),
                json_encode($found, JSON_THROW_ON_ERROR),
            );
        }
    }

    public function test_large_clean_light_alloy_is_swept_and_says_so(): void
    {
        $trim = fn (float $m2, string $metal = 'aluminium', array $on = ['bare']): array => self::answer([
            'part' => ['metal' => $metal, 'count' => 4, 'area_m2' => $m2 / 4, 'mass_kg' => 3, 'on_it' => $on],
            'where' => 'outdoors',
            'coats' => [['bake_c' => 180]],
        ])['steps'];
        $kinds = fn (array $steps): array => array_column($steps, 'step');
        self::assertContains('blast', $kinds($trim(2.99)));
        self::assertNotContains('blast', $kinds($trim(3.0)));
        self::assertContains('sweep_blast', $kinds($trim(3.0)));
        self::assertContains('blast', $kinds($trim(3.0, 'carbon_steel')));
        // Clear is stripped and the rest swept; what a sweep does not take is blasted all the same.
        self::assertSame(['strip_chemical', 'sweep_blast'], array_values(array_intersect(
            $kinds($trim(3.0, on: ['factory_clear'])), ['strip_chemical', 'blast', 'sweep_blast'],
        )));
        self::assertContains('blast', $kinds($trim(3.0, on: ['plastic_coating'])));
        $sweep = array_values(array_filter($trim(3.0), fn (array $one): bool => $one['step'] === 'sweep_blast'))[0];
        self::assertStringContainsString('Swept, not blasted', $sweep['why']);
    }

    public function test_the_shop_standards_for_the_last_wipe_and_for_dry_off_heat(): void
    {
        $kinds = fn (array $house, array $features = ['faces'], string $where = 'indoors'): array => self::steps([
            'part' => ['metal' => 'carbon_steel', 'on_it' => ['rust'], 'features' => $features, 'area_m2' => 1],
            'where' => $where, 'coats' => [['bake_c' => 180]],
        ] + ($house === [] ? [] : ['house' => $house]));
        $at = fn (array $steps, string $kind): int => (int) array_search($kind, $steps, true);
        $usual = $kinds([]);
        self::assertLessThan($at($usual, 'tape_mask'), $at($usual, 'solvent_wipe'));
        $last = $kinds(['last_wipe' => 'after_masking']);
        self::assertGreaterThan($at($last, 'tape_mask'), $at($last, 'solvent_wipe'));
        self::assertCount(1, array_keys($last, 'solvent_wipe', true));
        // Coated on the heat of the dry-off: neither cooled to handle nor heated again, unless something is taped.
        $warm = ['coat' => 'warm', 'surface' => 'blast'];
        $hot = $kinds($warm, [], 'outdoors');
        self::assertNotContains('warm', $hot);
        self::assertContains('dry_off', $hot);
        self::assertContains('warm', $kinds($warm, ['faces'], 'outdoors'));
        self::assertContains('warm', $kinds($warm, [], 'indoors'), 'a part that was only wiped is warmed');
    }

    public function test_wiping_a_second_color_goes_by_the_edge_it_follows(): void
    {
        $minutes = function (?float $edge, string $way = 'wipe', int $count = 4): float {
            $second = ['bake_c' => 180, 'zone' => 'letters', 'share' => 0.1];
            $second += $edge === null ? [] : ['edge_m' => $edge];
            $steps = self::answer([
                'part' => ['metal' => 'carbon_steel', 'count' => $count, 'area_m2' => 1.0],
                'coats' => [['bake_c' => 180], $second],
                'house' => ['two_colours' => $way],
            ])['steps'];

            $apart = array_filter(
                $steps,
                fn (array $one): bool => in_array($one['step'], ['zone_wipe', 'zone_mask'], true),
            );

            return (float) array_sum(array_column($apart, 'minutes'));
        };
        self::assertEqualsWithDelta(4 * (1 + 2 * 3.5), $minutes(3.5), 0.05);
        self::assertEqualsWithDelta(4 * (1 + 2 * 7.0), $minutes(7.0), 0.05);
        // Not measured: the outline of a round patch of 0.1 m².
        self::assertEqualsWithDelta(4 * (1 + 4 * sqrt(M_PI * 0.1)), $minutes(null), 0.05);
        self::assertSame($minutes(3.5, 'tape'), $minutes(7.0, 'tape'), 'tape goes by the piece');
    }

    public function test_reordering_names_the_contradiction_at_once(): void
    {
        $laid = self::answer(self::CASTING);
        $again = self::answer(['steps' => $laid['steps']] + self::CASTING);
        self::assertSame(array_column($laid['findings'], 'rule'), array_column($again['findings'], 'rule'));
        $steps = $laid['steps'];
        $degrease = array_search('degrease', array_column($steps, 'step'), true);
        $moved = array_splice($steps, (int) $degrease, 1);
        array_splice($steps, 6, 0, $moved);
        $wrong = self::answer(['steps' => $steps] + self::CASTING);
        self::assertContains('degrease-before-blast', array_column($wrong['findings'], 'rule'));
        self::assertFalse($wrong['may_go_on']);
    }

    public function test_air_and_bare_steel_by_hand(): void
    {
        self::assertEqualsWithDelta(0.078, Nozzle::airKgPerS(8, 7), 0.0001);
        self::assertEqualsWithDelta(3.88, Nozzle::freeAirM3Min(8, 7), 0.01);
        self::assertEqualsWithDelta(7, Nozzle::sustainedBar(8, Nozzle::freeAirM3Min(8, 7)), 1e-9);
        self::assertEqualsWithDelta(8, Nozzle::largestBoreMm(7, Nozzle::freeAirM3Min(8, 7)), 1e-9);
        self::assertSame(
            [8.0, 6.0, 4.0, 2.0, 1.0, 0.0],
            array_map(fn (int $rh): float => BareSteelClock::hours($rh, false), [39, 40, 55, 69, 84, 85]),
        );
        self::assertSame(1.0, BareSteelClock::hours(65, true));
    }

    /** @return array<string, array{string, string}> */
    public static function refusals(): array
    {
        return [
            'no part' => ['{"format":"aenum-route/1"}', 'part'],
            'no metal' => ['{"format":"aenum-route/1","part":{}}', 'part.metal'],
            'unknown metal' => ['{"format":"aenum-route/1","part":{"metal":"wood"}}', 'part.metal'],
            'unknown key' => ['{"format":"aenum-route/1","part":{"metal":"brass","colour":1}}', 'part.colour'],
            'unknown step' => [
                '{"format":"aenum-route/1","part":{"metal":"brass"},"steps":[{"step":"pray"}]}',
                'steps[0].step',
            ],
            'negative' => ['{"format":"aenum-route/1","part":{"metal":"brass","mass_kg":-1}}', 'part.mass_kg'],
            'humidity' => [
                '{"format":"aenum-route/1","part":{"metal":"brass"},"humidity_pct":101}',
                'humidity_pct',
            ],
            'media' => [
                '{"format":"aenum-route/1","part":{"metal":"brass"},"blast":{"media":"gravel"}}',
                'blast.media',
            ],
            'coat' => ['{"format":"aenum-route/1","part":{"metal":"brass"},"coats":[{}]}', 'coats[0].bake_c'],
            'house' => ['{"format":"aenum-route/1","part":{"metal":"brass"},"house":{"coat":"hot"}}', 'house.coat'],
            'box of two' => ['{"format":"aenum-route/1","part":{"metal":"brass","box_mm":[1,2]}}', 'part.box_mm'],
            'text for a flag' => ['{"format":"aenum-route/1","part":{"metal":"brass","oily":"yes"}}', 'part.oily'],
        ];
    }

    #[DataProvider('refusals')]
    public function test_a_bad_route_file_is_refused_by_place(string $json, string $place): void
    {
        try {
            RouteFile::parse($json);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($place, $e->place);
        }
    }
}

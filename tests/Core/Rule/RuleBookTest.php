<?php

declare(strict_types=1);

namespace Tests\Core\Rule;

use Aenum\Core\Format\RouteFile;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\RuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule fires on what it is about, and keeps quiet on what is nearly that. */
final class RuleBookTest extends TestCase
{
    private const COAT = ['role' => 'base', 'bake_c' => 200];

    private const BAKE = ['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10];

    /** @return array<string, array{array<string, mixed>, array<string, mixed>}> rule => [facts it fires on, facts it does not] */
    private static function table(): array
    {
        $part = fn (array $with): array => ['part' => $with];
        $steps = fn (string ...$kinds): array => ['steps' => array_map(fn (string $k): array => ['step' => $k], $kinds)];
        $steel = ['metal' => 'carbon_steel'];
        $coats = fn (int $n, array $with = []): array => ['coats' => array_fill(0, $n, $with + self::COAT)];
        $mask = fn (string $with, float $c): array => ['house' => ['mask_with' => $with], 'steps' => [['step' => 'tape_mask'], ['pmt_c' => $c] + self::BAKE]];
        $equip = fn (array $with): array => ['equipment' => $with, 'part' => ['metal' => 'carbon_steel', 'mass_kg' => 30, 'box_mm' => [900, 500, 200]]];
        $hot = fn (float $c, float $hold): array => ['part' => ['metal' => 'aluminium', 'heat_treated' => true], 'steps' => [['pmt_c' => $c, 'hold_min' => $hold] + self::BAKE]];

        return [
            'ferrous-media' => [$part(['metal' => 'aluminium']) + ['blast' => ['media' => 'steel_grit']], $part($steel) + ['blast' => ['media' => 'steel_grit']]],
            'caustic-on-light-metal' => [$part(['metal' => 'aluminium']) + $steps('strip_caustic'), $part($steel) + $steps('strip_caustic')],
            'phosphate-on-aluminium' => [$part(['metal' => 'cast_aluminium']) + $steps('phosphate'), $part($steel) + $steps('phosphate')],
            'light-alloy-heat' => [$hot(200, 70), $hot(200, 50)],
            'light-alloy-heat-much' => [$hot(200, 130), $hot(200, 110)],
            'zinc-hot' => [$part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 195] + self::BAKE]], $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 190] + self::BAKE]]],
            'zinc-too-hot' => [$part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 206] + self::BAKE]], $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 205] + self::BAKE]]],
            'casting-needs-bake-out' => [$part(['metal' => 'cast_iron']) + $coats(1) + $steps('coat', 'bake'), $part(['metal' => 'cast_iron']) + $coats(1) + $steps('bake_out', 'coat', 'bake')],
            'galvanised-needs-bake-out' => [$part(['metal' => 'galvanised_steel']) + $coats(1) + $steps('coat'), $part(['metal' => 'galvanised_steel']) + $coats(1) + $steps('bake_out', 'coat')],
            'oily-needs-bake-out' => [$part($steel + ['oily' => true]) + $coats(1) + $steps('degrease', 'coat'), $part($steel + ['oily' => true]) + $coats(1) + $steps('degrease', 'bake_out', 'coat')],
            'galvanised-sweep-only' => [$part(['metal' => 'galvanised_steel']) + ['blast' => ['media' => 'garnet', 'pressure_bar' => 5]], $part(['metal' => 'galvanised_steel']) + ['blast' => ['media' => 'fine_garnet', 'pressure_bar' => 3]]],
            'galvanised-fume' => [$part(['metal' => 'galvanised_steel']), $part($steel)],
            'gas-tolerant-primer' => [$part(['metal' => 'cast_iron', 'oily' => true]) + $coats(1), $part(['metal' => 'cast_iron', 'oily' => true]) + $coats(1, ['gas_tolerant' => true])],
            'acid-on-hardened' => [$part($steel + ['hardened' => true]) + $steps('acid', 'relief_bake'), $part($steel) + $steps('acid')],
            'relief-bake-missing' => [$part($steel + ['hardened' => true]) + ['steps' => [['step' => 'acid'], ['step' => 'relief_bake', 'pmt_c' => 200, 'hold_min' => 120]]], $part($steel + ['hardened' => true]) + ['steps' => [['step' => 'acid'], ['step' => 'relief_bake', 'pmt_c' => 200, 'hold_min' => 240]]]],
            'above-temper' => [$part($steel + ['hardened' => true, 'temper_c' => 190]) + ['steps' => [self::BAKE]], $part($steel + ['hardened' => true, 'temper_c' => 210]) + ['steps' => [self::BAKE]]],
            'magnesium' => [$part(['metal' => 'magnesium']), $part(['metal' => 'aluminium'])],
            'low-melting' => [$part($steel + ['features' => ['solder_or_white_metal']]), $part($steel)],
            'soft-parts-on' => [$part($steel + ['features' => ['sealed_bearings']]), $part($steel + ['features' => ['bores']])],
            'sealed-hollow' => [$part($steel + ['features' => ['sealed_hollow']]), $part($steel + ['features' => ['sealed_hollow'], 'vented' => true])],
            'safety-duty' => [$part($steel + ['duty' => 'lifting']), $part($steel)],
            'stamped-plate' => [$part($steel + ['features' => ['stamped_plate']]) + $steps('coat'), $part($steel + ['features' => ['stamped_plate']]) + $steps('tape_mask', 'coat')],
            'old-plating' => [$part($steel + ['on_it' => ['plating']]), $part($steel + ['on_it' => ['plating'], 'plating_new' => true])],
            'plating-adhesion' => [$part($steel + ['on_it' => ['plating'], 'plating_new' => true]), $part($steel + ['on_it' => ['plating']])],
            'chromium-dust' => [$part($steel + ['on_it' => ['plating']]) + $steps('blast'), $part($steel + ['on_it' => ['plating']]) + $steps('coat')],
            'unknown-paint' => [$part($steel + ['on_it' => ['paint']]) + $steps('blast'), $part($steel + ['on_it' => ['paint'], 'paint_tested' => true]) + $steps('blast')],
            'silica-sand' => [['blast' => ['media' => 'silica_sand']], ['blast' => ['media' => 'garnet']]],
            'hard-media-in-passages' => [$part($steel + ['features' => ['oil_passages']]) + ['blast' => ['media' => 'glass_bead']], $part($steel + ['features' => ['oil_passages']]) + ['blast' => ['media' => 'soda']]],
            'degrease-before-blast' => [$part($steel + ['on_it' => ['grease']]) + $steps('blast', 'degrease'), $part($steel + ['on_it' => ['grease']]) + $steps('degrease', 'blast')],
            'wash-before-tape' => [$steps('tape_mask', 'wash'), $steps('wash', 'tape_mask')],
            'dry-after-wash' => [$steps('wash', 'rinse', 'coat', 'dry_off'), $steps('wash', 'rinse', 'dry_off', 'coat')],
            'bake-out-too-cool' => [['steps' => [['step' => 'bake_out', 'pmt_c' => 195], self::BAKE]], ['steps' => [['step' => 'bake_out', 'pmt_c' => 200], self::BAKE]]],
            'bake-out-margin' => [['steps' => [['step' => 'bake_out', 'pmt_c' => 205], self::BAKE]], ['steps' => [['step' => 'bake_out', 'pmt_c' => 210], self::BAKE]]],
            'bake-out-too-short' => [['steps' => [['step' => 'bake_out', 'hold_min' => 29]]], ['steps' => [['step' => 'bake_out', 'hold_min' => 30]]]],
            'dirty-after-clean' => [$part(['metal' => 'aluminium']) + $steps('solvent_wipe', 'blast', 'coat'), $part(['metal' => 'aluminium']) + $steps('blast', 'solvent_wipe', 'coat')],
            'bare-steel-waits' => [['humidity_pct' => 65, 'steps' => [['step' => 'blast'], ['step' => 'hang', 'wait_min' => 130], ['step' => 'coat']]], ['humidity_pct' => 65, 'steps' => [['step' => 'blast'], ['step' => 'hang', 'wait_min' => 130], ['step' => 'sweep_blast'], ['step' => 'coat']]]],
            'mask-rating' => [$mask('polyester', 205), $mask('polyester', 204)],
            'paper-in-oven' => [$mask('paper', 180), ['house' => ['mask_with' => 'paper']] + $steps('tape_mask', 'unmask')],
            'plug-rating' => [['steps' => [['step' => 'plug_mask'], ['pmt_c' => 265] + self::BAKE]], ['steps' => [['pmt_c' => 265] + self::BAKE, ['step' => 'plug_mask']]]],
            'warm-first-coat' => [$steps('dry_off', 'hang', 'coat'), $steps('dry_off', 'cool', 'coat')],
            'recoat-on-cured' => [$coats(1, ['over' => 'cured']) + $steps('coat'), $coats(1, ['over' => 'cured']) + $steps('abrade', 'coat')],
            'clear-over-effect' => [$coats(1, ['effect' => 'metallic']), ['coats' => [['effect' => 'metallic'] + self::COAT, ['role' => 'clear'] + self::COAT]]],
            'zinc-rich-on-steel-only' => [$part(['metal' => 'aluminium']) + $coats(1, ['zinc_rich' => true]), $part($steel) + $coats(1, ['zinc_rich' => true])],
            'conductive-primer' => [$coats(3), $coats(3, ['conductive' => true])],
            'peaks-through-film' => [$coats(1, ['film_um' => 70]) + ['blast' => ['media' => 'garnet', 'rz_um' => 24]], $coats(1, ['film_um' => 75]) + ['blast' => ['media' => 'garnet', 'rz_um' => 24]]],
            'outdoor-steel-primer' => [$coats(1) + ['where' => 'outdoors'], $coats(1) + ['where' => 'indoors']],
            'fits-booth' => [$equip(['booth_mm' => [1000, 1000, 800]]) + ['x' => 0], $equip(['booth_mm' => [500, 200, 900]])],
            'fits-oven' => [$equip(['oven_mm' => [990, 600, 300]]), $equip(['oven_mm' => [1000, 600, 300]])],
            'fits-door' => [$equip(['door_mm' => [190, 1000]]), $equip(['door_mm' => [200, 500]])],
            'rail-load' => [$equip(['rail_kg' => 29]), $equip(['rail_kg' => 30])],
            'hook-load' => [$equip(['hook_kg' => 29]), $equip(['hook_kg' => 30])],
            'nozzle-starves' => [['blast' => ['media' => 'garnet', 'pressure_bar' => 7], 'equipment' => ['nozzle_mm' => 8, 'compressor_m3_min' => 3.8]], ['blast' => ['media' => 'garnet', 'pressure_bar' => 7], 'equipment' => ['nozzle_mm' => 8, 'compressor_m3_min' => 3.9]]],
            'ground-bad' => [$coats(1) + ['equipment' => ['ground_mohm' => 1.0]], $coats(1) + ['equipment' => ['ground_mohm' => 0.9]]],
            'ground-not-measured' => [$coats(1) + $steps('coat'), $coats(1) + $steps('ground_check', 'coat')],
            'booth-air' => [['equipment' => ['spray_g_min' => 300, 'booth_air_m3_min' => 30]], ['equipment' => ['spray_g_min' => 300, 'booth_air_m3_min' => 30, 'lel_g_m3' => 30]]],
            'oven-limit' => [['equipment' => ['oven_max_c' => 199], 'steps' => [self::BAKE]], ['equipment' => ['oven_max_c' => 200], 'steps' => [self::BAKE]]],
            'vent-off' => [['equipment' => ['oven_vent_on' => false], 'steps' => [self::BAKE]], ['equipment' => ['oven_vent_on' => true], 'steps' => [self::BAKE]]],
            'food-oven' => [['equipment' => ['oven_used_for_food' => true]], ['equipment' => ['oven_used_for_food' => false]]],
        ];
    }

    /** @return array<string, array{string}> */
    public static function keys(): array
    {
        $keys = array_map(fn (Rule $rule): string => $rule->key(), RuleBook::all());

        return array_combine($keys, array_map(fn (string $key): array => [$key], $keys));
    }

    /** @return list<string> keys of the rules that fired */
    private static function fired(array $facts): array
    {
        unset($facts['x']);
        $facts += ['format' => 'aenum-route/1', 'part' => ['metal' => 'carbon_steel'], 'steps' => []];

        return array_column(RouteFile::parse(json_encode($facts, JSON_THROW_ON_ERROR))->answer()['findings'], 'rule');
    }

    #[DataProvider('keys')]
    public function test_it_fires_and_it_keeps_quiet(string $key): void
    {
        self::assertArrayHasKey($key, self::table(), 'every rule has its two cases');
        [$fires, $quiet] = self::table()[$key];
        if ($key === 'fits-booth') {
            $fires['equipment']['booth_mm'] = [1000, 1000, 190];
        }
        self::assertContains($key, self::fired($fires));
        self::assertNotContains($key, self::fired($quiet));
    }

    public function test_keys_are_unique_and_every_rule_explains_itself(): void
    {
        self::assertSame(count(RuleBook::all()), count(self::keys()));
        self::assertGreaterThan(50, count(RuleBook::all()));
        foreach (RuleBook::all() as $rule) {
            self::assertMatchesRegularExpression('/^[a-z]+(-[a-z]+)*$/', $rule->key());
            self::assertStringEndsWith('.', $rule->reason());
            self::assertStringEndsWith('.', $rule->wayOut());
        }
    }

    public function test_a_signature_lets_a_sign_rule_go_on_but_never_a_stop(): void
    {
        $answer = fn (array $with): array => RouteFile::parse(json_encode($with + ['format' => 'aenum-route/1', 'steps' => []], JSON_THROW_ON_ERROR))->answer();
        $duty = ['part' => ['metal' => 'carbon_steel', 'duty' => 'lifting']];
        self::assertFalse($answer($duty)['may_go_on']);
        $signed = $answer($duty + ['signed' => [['rule' => 'safety-duty', 'by' => 'Mara']]]);
        self::assertTrue($signed['may_go_on']);
        self::assertSame('Mara', $signed['findings'][0]['signed_by']);
        self::assertFalse($answer(['part' => ['metal' => 'magnesium'], 'signed' => [['rule' => 'magnesium', 'by' => 'Mara']]])['may_go_on']);
        // A waiver turns old plating from a stop into a signature.
        $waived = $answer(['part' => ['metal' => 'carbon_steel', 'on_it' => ['plating']], 'signed' => [['rule' => 'plating-adhesion', 'by' => 'Owner']]]);
        self::assertTrue($waived['may_go_on']);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Routing\CoatFloor;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\MaskOn;
use Aenum\Core\Routing\MediumLot;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule fires on what it is about, and keeps quiet on what is nearly that. */
final class RuleBookTest extends TestCase
{
    use BuildsPlans;

    private const COAT = ['role' => 'base', 'bake_c' => 200];

    private const BAKE = ['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10];

    /**
     * @return array<string, array{array<string, mixed>, array<string, mixed>}> rule => [facts it fires on, facts it
     *      does not]
     */
    private static function table(): array
    {
        return self::own() + self::shared();
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>}> of rules with a test of their own */
    private static function own(): array
    {
        $own = [];
        foreach (glob(__DIR__.'/Catalog/*Test.php') ?: [] as $file) {
            /** @var class-string<RuleTestCase> $class */
            $class = __NAMESPACE__.'\\Catalog\\'.basename($file, '.php');
            $sides = [null, null];
            foreach ($class::cases() as [$fires, $facts]) {
                $sides[(int) $fires] ??= $facts;
            }
            self::assertNotNull($sides[0], "{$class} has a case that keeps quiet");
            self::assertNotNull($sides[1], "{$class} has a case that fires");
            $own[$class::rule()->key] = [$sides[1], $sides[0]];
        }

        return $own;
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>}> of all others */
    private static function shared(): array
    {
        $part = fn (array $with): array => ['part' => $with];
        $steps = fn (string ...$kinds): array => [
            'steps' => array_map(fn (string $k): array => ['step' => $k], $kinds),
        ];
        $steel = ['metal' => 'carbon_steel'];
        $coats = fn (int $n, array $with = []): array => ['coats' => array_fill(0, $n, $with + self::COAT)];
        $mask = fn (string $with, float $c): array => [
            'house' => ['mask_with' => $with],
            'steps' => [['step' => 'tape_mask'], ['pmt_c' => $c] + self::BAKE],
        ];
        $equip = fn (array $with): array => [
            'equipment' => $with,
            'part' => ['metal' => 'carbon_steel', 'mass_kg' => 30, 'box_mm' => [900, 500, 200]],
        ];
        $hot = fn (float $c, float $hold): array => [
            'part' => ['metal' => 'aluminium', 'heat_treated' => true],
            'steps' => [['pmt_c' => $c, 'hold_min' => $hold] + self::BAKE],
        ];

        $relief = fn (array $first, array $second, float $hold = 479, float $c = 200): array => [
            'part' => $steel + ['hardened' => true, 'temper_c' => 250, 'strength_mpa' => 1100],
            'steps' => [
                ['step' => $first[0], 'wait_min' => $first[1]],
                ['step' => $second[0], 'pmt_c' => $c, 'hold_min' => $hold],
                ['step' => 'coat'],
            ],
        ];
        $clear = fn (string $sheet, string $over): array => [
            'coats' => [
                ['effect' => 'bright', 'before_clear' => $sheet] + self::COAT,
                ['role' => 'clear', 'over' => $over] + self::COAT,
            ],
        ];
        $lot = fn (mixed ...$with): array => [
            'floor' => new FloorConditions(lot: new MediumLot(Media::get('garnet'), ...$with)),
        ];
        $gun = fn (mixed ...$with): array => ['floor' => new FloorConditions(coat: new CoatFloor(...$with))];
        $hung = fn (array $box, int $across, float $pitch, array $equipment = []): array => [
            'rack' => Rack::of(RackSetting::of($box, $across, 1, $pitch, 1000, 1), 6),
            'equipment' => $equipment,
        ];

        return [
            'ferrous-media' => [
                $part(['metal' => 'aluminium']) + ['blast' => ['media' => 'steel_grit']],
                $part($steel) + ['blast' => ['media' => 'steel_grit']],
            ],
            'agent-on-metal' => [
                $part(['metal' => 'aluminium']) + $steps('strip_caustic'),
                $part($steel) + $steps('strip_caustic'),
            ],
            'phosphate-on-aluminium' => [
                $part(['metal' => 'cast_aluminium']) + $steps('phosphate'),
                $part($steel) + $steps('phosphate'),
            ],
            'light-alloy-heat' => [$hot(200, 31), $hot(200, 30)],
            'light-alloy-heat-much' => [$hot(200, 46), $hot(200, 45)],
            'metal-hot' => [
                $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 195] + self::BAKE]],
                $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 190] + self::BAKE]],
            ],
            'metal-too-hot' => [
                $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 206] + self::BAKE]],
                $part(['metal' => 'zinc_die_cast']) + ['steps' => [['pmt_c' => 205] + self::BAKE]],
            ],
            'casting-needs-bake-out' => [
                $part(['metal' => 'cast_iron']) + $coats(1) + $steps('coat', 'bake'),
                $part(['metal' => 'cast_iron']) + $coats(1) + $steps('bake_out', 'coat', 'bake'),
            ],
            'galvanised-needs-bake-out' => [
                $part(['metal' => 'galvanised_steel']) + $coats(1) + $steps('coat'),
                $part(['metal' => 'galvanised_steel']) + $coats(1) + $steps('bake_out', 'coat'),
            ],
            'oily-needs-bake-out' => [
                $part($steel + ['oily' => true]) + $coats(1) + $steps('degrease', 'coat'),
                $part($steel + ['oily' => true]) + $coats(1) + $steps('degrease', 'bake_out', 'coat'),
            ],
            'galvanised-sweep-only' => [
                $part(['metal' => 'galvanised_steel']) + ['blast' => ['media' => 'garnet', 'pressure_bar' => 5]],
                $part(['metal' => 'galvanised_steel']) + [
                    'blast' => ['media' => 'fine_garnet', 'pressure_bar' => 3],
                ],
            ],
            'zinc-fume' => [
                $part(['metal' => 'galvanised_steel', 'made' => 'welded']),
                $part(['metal' => 'galvanised_steel']),
            ],
            'gas-tolerant-primer' => [
                $part(['metal' => 'cast_iron', 'oily' => true]) + $coats(1),
                $part(['metal' => 'cast_iron', 'oily' => true]) + $coats(1, ['gas_tolerant' => true]),
            ],
            'acid-on-hardened' => [
                $part($steel + ['hardened' => true]) + $steps('acid', 'relief_bake'),
                $part($steel) + $steps('acid'),
            ],
            'relief-bake-missing' => [
                $relief(['acid', 0], ['relief_bake', 480]),
                $relief(['acid', 0], ['relief_bake', 480], hold: 480),
            ],
            'temper-unknown' => [
                $part($steel + ['hardened' => true]) + $steps('acid'),
                $part($steel + ['hardened' => true, 'temper_c' => 300]) + $steps('acid'),
            ],
            'acid-product' => [
                $part(['metal' => 'zinc_die_cast', 'acid_product' => 'Z']) + $steps('acid'),
                $part(['metal' => 'zinc_die_cast']) + $steps('acid'),
            ],
            'agent-asks-name' => [
                $part(['metal' => 'cast_iron']) + $steps('burn_off'),
                $part($steel) + $steps('burn_off'),
            ],
            'burn-off-unfit' => [
                $part($steel + ['hardened' => true]) + $steps('burn_off'),
                $part($steel + ['hardened' => true]) + $steps('strip_caustic'),
            ],
            'burn-off-gas' => [
                $part($steel + ['on_it' => ['plastic_coating']]) + $steps('burn_off'),
                $part($steel + ['on_it' => ['old_powder']]) + $steps('burn_off'),
            ],
            'burn-off-lead' => [
                $part($steel + ['paint_test' => 'chromate']) + $steps('burn_off'),
                $part($steel + ['paint_test' => 'none']) + $steps('burn_off'),
            ],
            'galvanised-untreated' => [
                $part(['metal' => 'galvanised_steel']) + $coats(1) + ['where' => 'outdoors'] + $steps('wash'),
                $part(['metal' => 'galvanised_steel']) + $coats(1) + ['where' => 'outdoors'] + $steps('conversion'),
            ],
            'light-alloy-7xxx' => [
                $part(['metal' => 'aluminium', 'alloy' => 'aged_7xxx']) + $coats(1),
                $part(['metal' => 'aluminium', 'alloy' => 'aged_6xxx']) + $coats(1),
            ],
            'hollow-plugged' => [
                $part($steel + ['plugs_close_hollow' => true]) + $steps('plug_mask'),
                $part($steel + ['plugs_close_hollow' => true]) + $steps('tape_mask'),
            ],
            'old-powder-untested' => [
                $part($steel + ['on_it' => ['old_powder']]) + $steps('blast'),
                $part($steel + ['on_it' => ['old_powder'], 'paint_test' => 'none']) + $steps('blast'),
            ],
            'lead-found' => [
                $part($steel + ['on_it' => ['paint'], 'paint_test' => 'lead']) + $steps('blast'),
                $part($steel + ['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'L 7']) +
                $steps('blast'),
            ],
            'lead-licensed' => [
                $part($steel + ['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'L 7']) +
                $steps('blast'),
                $part($steel + ['on_it' => ['paint'], 'paint_test' => 'none', 'licence' => 'L 7']) +
                $steps('blast'),
            ],
            'cadmium-fittings' => [
                $part($steel + ['features' => ['plated_fittings']]) + $steps('blast'),
                $part($steel + ['features' => ['plated_fittings'], 'fittings_not_cadmium' => true]) +
                $steps('blast'),
            ],
            'light-metal-dust' => [
                $part(['metal' => 'zinc_die_cast']) + $steps('blast'),
                $part($steel) + $steps('blast'),
            ],
            'medium-bows' => [
                $part($steel + ['mass_kg' => 6.2, 'area_m2' => 1]) + ['blast' => ['media' => 'garnet']],
                $part($steel + ['mass_kg' => 6.3, 'area_m2' => 1]) + ['blast' => ['media' => 'garnet']],
            ],
            'fluoride-bath' => [$steps('conversion'), $steps('phosphate')],
            'oil-into-oven' => [
                $part($steel + ['oily' => true]) + $steps('bake_out', 'degrease'),
                $part($steel + ['oily' => true]) + $steps('degrease', 'bake_out'),
            ],
            'liquid-only' => [$part($steel + ['soft_stays' => true]), $part($steel + ['features' => ['hoses']])],
            'clear-on-bare-metal' => [
                $part(['metal' => 'aluminium', 'on_it' => ['bare']]),
                $part(['metal' => 'aluminium', 'on_it' => ['bare'], 'no_factory_clear' => true]),
            ],
            'old-primer-stays' => [
                $part($steel + ['on_it' => ['paint'], 'old_primer_tight' => true]),
                $part($steel + ['on_it' => ['paint']]),
            ],
            'fumes-over-powder' => [
                $part(['metal' => 'cast_iron']) + ['floor' => new FloorConditions(besidePowder: true)],
                $part(['metal' => 'galvanised_steel']) + ['floor' => new FloorConditions(besidePowder: true)],
            ],
            'solvent-flash' => [
                ['steps' => [['step' => 'solvent_wipe', 'wait_min' => 4], self::BAKE]],
                ['steps' => [['step' => 'solvent_wipe', 'wait_min' => 5], self::BAKE]],
            ],
            'agent-not-rinsed' => [
                $steps('strip_caustic', 'coat', 'rinse'),
                $steps('strip_caustic', 'rinse', 'coat'),
            ],
            'soda-not-rinsed' => [
                ['blast' => ['media' => 'soda']] + $steps('rinse', 'blast', 'coat'),
                ['blast' => ['media' => 'soda']] + $steps('blast', 'rinse', 'coat'),
            ],
            'converter-swept' => [
                $steps('rust_convert', 'sweep_blast', 'coat'),
                $steps('sweep_blast', 'rust_convert', 'coat'),
            ],
            'cured-before-clear' => [$clear('cured', 'flowed'), $clear('cured', 'cured')],
            'metal-unknown' => [['unknown' => 'unobtainium'], []],
            'relief-bake-open' => [
                $part($steel + ['hardened' => true]) + ['floor' => new FloorConditions(sinceAcidMin: 1)],
                $part($steel + ['hardened' => true]),
            ],
            'relief-bake-late' => [
                $part($steel + ['hardened' => true]) + ['floor' => new FloorConditions(sinceAcidMin: 241)],
                $part($steel + ['hardened' => true]) + ['floor' => new FloorConditions(sinceAcidMin: 240)],
            ],
            'medium-has-oil' => [$lot(oilFrom: ['a hinge']), $lot()],
            'medium-has-iron' => [
                $part(['metal' => 'bronze']) + $lot(ironFrom: ['a rail']),
                $part($steel) + $lot(ironFrom: ['a rail']),
            ],
            'medium-spent' => [$lot(used: 1.01), $lot(used: 1.0)],
            'bare-steel-over' => [
                ['floor' => new FloorConditions(bareUsed: 1.0)],
                ['floor' => new FloorConditions(bareUsed: 0.99)],
            ],
            // 20 °C and 82.7 % have their dew point 3.0 K below.
            'charge-kicks' => [$gun(index: 1.01), $gun(index: 1.0)],
            'recess-stays-thin' => [$gun(thin: ['pin 3']), $gun()],
            'recess-deep' => [$gun(deepest: 2.01), $gun(deepest: 2.0)],
            'film-past-band' => [$gun(thickUm: 91, bandUm: 90), $gun(thickUm: 90, bandUm: 90)],
            'coat-on-warm-metal' => [$gun(partC: 40), $gun(partC: 39.9)],
            'above-softening' => [$gun(partC: 100.1, softensC: 100), $gun(partC: 100, softensC: 100)],
            'powder-past-date' => [$gun(pastDate: 'lot 7'), $gun()],
            'lot-short' => [$gun(shortG: 1), $gun(shortG: 0)],
            'lot-short-set' => [$gun(shortG: 1, matches: true), $gun(shortG: 1)],
            'gun-out-of-reach' => [$gun(awayMm: 401), $gun(awayMm: 75)],
            'clear-spoils' => [
                ['coats' => [['clear' => 'spoils'] + self::COAT, ['role' => 'clear'] + self::COAT]],
                ['coats' => [['clear' => 'optional'] + self::COAT, ['role' => 'clear'] + self::COAT]],
            ],
            'clear-missing' => [
                $coats(1, ['clear' => 'completes']),
                ['coats' => [['clear' => 'completes'] + self::COAT, ['role' => 'clear'] + self::COAT]],
            ],
            'transparent-on-silver' => [
                ['coats' => [self::COAT, ['effect' => 'transparent'] + self::COAT]],
                ['coats' => [['effect' => 'metallic'] + self::COAT, ['effect' => 'transparent'] + self::COAT]],
            ],
            'texture-one-coat' => [
                ['coats' => [['effect' => 'textured'] + self::COAT, self::COAT]],
                ['coats' => [self::COAT, ['effect' => 'textured'] + self::COAT]],
            ],
            'panel-not-signed' => [
                $coats(1, ['effect' => 'textured']),
                $coats(1, ['effect' => 'textured', 'tried' => true]),
            ],
            'two-colours-declined' => [
                ['house' => ['two_colours' => 'decline'], 'coats' => [self::COAT, ['zone' => 'letters'] + self::COAT]],
                ['house' => ['two_colours' => 'wipe'], 'coats' => [self::COAT, ['zone' => 'letters'] + self::COAT]],
            ],
            'damp-air' => [
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 83.5)],
                ['floor' => new FloorConditions(airC: 20, airHumidityPct: 82)],
            ],
            'mask-on-rating' => [
                ['floor' => new FloorConditions(peakC: 194.1, masks: [new MaskOn(1, 'disc', 204)])],
                ['floor' => new FloorConditions(peakC: 194, masks: [new MaskOn(1, 'disc', 204)])],
            ],
            'hotter-than-sheet' => [
                ['floor' => new FloorConditions(peakC: 210.01, sheets: new PeakLimit(210, 'its sheet'))],
                ['floor' => new FloorConditions(peakC: 210, sheets: new PeakLimit(210, 'its sheet'))],
            ],
            'rack-too-large' => [
                $hung([300, 900, 200], 12, 400, ['oven_mm' => [1800, 2000, 3200]]),
                $hung([300, 900, 200], 5, 400, ['oven_mm' => [1800, 2000, 3200]]),
            ],
            'rack-too-close' => [$hung([300, 900, 200], 3, 349), $hung([300, 900, 200], 3, 350)],
            'lift-heavy' => [$part($steel + ['mass_kg' => 25.1]), $part($steel + ['mass_kg' => 25])],
            'above-temper' => [
                $part($steel + ['hardened' => true, 'temper_c' => 190]) + ['steps' => [self::BAKE]],
                $part($steel + ['hardened' => true, 'temper_c' => 210]) + ['steps' => [self::BAKE]],
            ],
            'magnesium' => [$part(['metal' => 'magnesium']), $part(['metal' => 'magnesium', 'licence' => 'M 2'])],
            'low-melting' => [$part($steel + ['features' => ['solder_or_white_metal']]), $part($steel)],
            'soft-parts-on' => [
                $part($steel + ['features' => ['sealed_bearings']]),
                $part($steel + ['features' => ['bores']]),
            ],
            'sealed-hollow' => [
                $part($steel + ['features' => ['sealed_hollow']]),
                $part($steel + ['features' => ['sealed_hollow'], 'vented' => true]),
            ],
            'safety-duty' => [$part($steel + ['duty' => 'lifting']), $part($steel)],
            'stamped-plate' => [
                $part($steel + ['features' => ['stamped_plate']]) + $steps('coat'),
                $part($steel + ['features' => ['stamped_plate']]) + $steps('tape_mask', 'coat'),
            ],
            'old-plating' => [
                $part($steel + ['on_it' => ['plating']]),
                $part($steel + ['on_it' => ['plating'], 'plating_new' => true]),
            ],
            'plating-adhesion' => [
                $part($steel + ['on_it' => ['plating'], 'plating_new' => true]),
                $part($steel + ['on_it' => ['plating']]),
            ],
            'chromium-dust' => [
                $part($steel + ['on_it' => ['plating']]) + $steps('blast'),
                $part($steel + ['on_it' => ['plating']]) + $steps('coat'),
            ],
            'unknown-paint' => [
                $part($steel + ['on_it' => ['paint']]) + $steps('blast'),
                $part($steel + ['on_it' => ['paint'], 'paint_test' => 'none']) + $steps('blast'),
            ],
            'silica-sand' => [['blast' => ['media' => 'silica_sand']], ['blast' => ['media' => 'garnet']]],
            'hard-media-in-passages' => [
                $part($steel + ['features' => ['oil_passages']]) + ['blast' => ['media' => 'glass_bead']],
                $part($steel + ['features' => ['oil_passages']]) + ['blast' => ['media' => 'soda']],
            ],
            'degrease-before-blast' => [
                $part($steel + ['on_it' => ['grease']]) + $steps('blast', 'degrease'),
                $part($steel + ['on_it' => ['grease']]) + $steps('degrease', 'blast'),
            ],
            'wash-before-tape' => [$steps('tape_mask', 'wash'), $steps('wash', 'tape_mask')],
            'dry-after-wash' => [
                $steps('wash', 'rinse', 'coat', 'dry_off'),
                $steps('wash', 'rinse', 'dry_off', 'coat'),
            ],
            'bake-out-too-cool' => [
                ['steps' => [['step' => 'bake_out', 'pmt_c' => 195], self::BAKE]],
                ['steps' => [['step' => 'bake_out', 'pmt_c' => 200], self::BAKE]],
            ],
            'bake-out-margin' => [
                ['steps' => [['step' => 'bake_out', 'pmt_c' => 205], self::BAKE]],
                ['steps' => [['step' => 'bake_out', 'pmt_c' => 210], self::BAKE]],
            ],
            'bake-out-too-short' => [
                ['steps' => [['step' => 'bake_out', 'hold_min' => 29]]],
                ['steps' => [['step' => 'bake_out', 'hold_min' => 30]]],
            ],
            'dirty-after-clean' => [
                $part(['metal' => 'aluminium']) + $steps('solvent_wipe', 'blast', 'coat'),
                $part(['metal' => 'aluminium']) + $steps('blast', 'solvent_wipe', 'coat'),
            ],
            'bare-steel-waits' => [
                [
                    'humidity_pct' => 65,
                    'steps' => [['step' => 'blast'], ['step' => 'hang', 'wait_min' => 130], ['step' => 'coat']],
                ],
                [
                    'humidity_pct' => 65,
                    'steps' => [
                        ['step' => 'blast'],
                        ['step' => 'hang', 'wait_min' => 130],
                        ['step' => 'sweep_blast'],
                        ['step' => 'coat'],
                    ],
                ],
            ],
            'mask-rating' => [$mask('polyester', 195), $mask('polyester', 194)],
            'paper-in-oven' => [
                $mask('paper', 180),
                ['house' => ['mask_with' => 'paper']] + $steps('tape_mask', 'unmask'),
            ],
            'plug-rating' => [
                ['steps' => [['step' => 'plug_mask'], ['pmt_c' => 251] + self::BAKE]],
                ['steps' => [['step' => 'plug_mask'], ['pmt_c' => 250] + self::BAKE]],
            ],
            'warm-first-coat' => [$steps('dry_off', 'hang', 'coat'), $steps('dry_off', 'cool', 'coat')],
            'recoat-on-cured' => [$clear('flowed', 'cured'), $clear('cured', 'cured')],
            'clear-over-effect' => [
                $coats(1, ['effect' => 'metallic']),
                ['coats' => [['effect' => 'metallic'] + self::COAT, ['role' => 'clear'] + self::COAT]],
            ],
            'zinc-rich-on-steel-only' => [
                $part(['metal' => 'aluminium']) + $coats(1, ['zinc_rich' => true]),
                $part($steel) + $coats(1, ['zinc_rich' => true]),
            ],
            'conductive-primer' => [$coats(3), $coats(3, ['conductive' => true])],
            'peaks-through-film' => [
                $coats(1, ['film_um' => 70]) + ['blast' => ['media' => 'garnet', 'rz_um' => 24]],
                $coats(1, ['film_um' => 75]) + ['blast' => ['media' => 'garnet', 'rz_um' => 24]],
            ],
            'outdoor-steel-primer' => [$coats(1) + ['where' => 'outdoors'], $coats(1) + ['where' => 'indoors']],
            'fits-booth' => [$equip(['booth_mm' => [1000, 1000, 190]]), $equip(['booth_mm' => [500, 200, 900]])],
            'fits-oven' => [$equip(['oven_mm' => [990, 600, 300]]), $equip(['oven_mm' => [1000, 600, 300]])],
            'fits-door' => [$equip(['door_mm' => [190, 1000]]), $equip(['door_mm' => [200, 500]])],
            'rail-load' => [$equip(['rail_kg' => 29]), $equip(['rail_kg' => 30])],
            'hook-load' => [$equip(['hook_kg' => 29]), $equip(['hook_kg' => 30])],
            'nozzle-starves' => [
                [
                    'blast' => ['media' => 'garnet', 'pressure_bar' => 7],
                    'equipment' => ['nozzle_mm' => 8, 'compressor_m3_min' => 3.8],
                ],
                [
                    'blast' => ['media' => 'garnet', 'pressure_bar' => 7],
                    'equipment' => ['nozzle_mm' => 8, 'compressor_m3_min' => 3.9],
                ],
            ],
            'ground-bad' => [
                $coats(1) + ['equipment' => ['ground_mohm' => 1.0]],
                $coats(1) + ['equipment' => ['ground_mohm' => 0.9]],
            ],
            'ground-not-measured' => [$coats(1) + $steps('coat'), $coats(1) + $steps('ground_check', 'coat')],
            'booth-air' => [
                ['equipment' => ['spray_g_min' => 300, 'booth_air_m3_min' => 30]],
                ['equipment' => ['spray_g_min' => 300, 'booth_air_m3_min' => 30, 'lel_g_m3' => 30]],
            ],
            'oven-limit' => [
                ['equipment' => ['oven_max_c' => 199], 'steps' => [self::BAKE]],
                ['equipment' => ['oven_max_c' => 200], 'steps' => [self::BAKE]],
            ],
            'vent-off' => [
                ['equipment' => ['oven_vent_on' => false], 'steps' => [self::BAKE]],
                ['equipment' => ['oven_vent_on' => true], 'steps' => [self::BAKE]],
            ],
            'food-oven' => [
                ['equipment' => ['oven_used_for_food' => true]],
                ['equipment' => ['oven_used_for_food' => false]],
            ],
        ];
    }

    /** @return array<string, array{string}> */
    public static function keys(): array
    {
        $keys = array_map(fn (Rule $rule): string => $rule->key, RuleBook::all());

        return array_combine($keys, array_map(fn (string $key): array => [$key], $keys));
    }

    #[DataProvider('keys')]
    public function test_it_fires_and_it_keeps_quiet(string $key): void
    {
        self::assertArrayHasKey($key, self::table(), 'every rule has its two cases');
        [$fires, $quiet] = self::table()[$key];
        self::assertContains($key, self::fired($fires));
        self::assertNotContains($key, self::fired($quiet));
        // It is heard wherever it says it is asked, and nowhere else.
        $rule = RuleBook::find($key);
        foreach (Checkpoint::cases() as $moment) {
            self::assertSame(
                $rule?->isAskedAt($moment),
                in_array($key, self::fired($fires, $moment), true),
                $moment->value,
            );
        }
    }

    #[DataProvider('keys')]
    public function test_all_of_it_is_said_in_one_system_of_units(string $key): void
    {
        $rule = RuleBook::find($key);
        self::assertNotNull($rule);
        $said = [$rule->reason, $rule->wayOut, $rule->source];
        foreach (RuleBook::judge(self::plan(self::table()[$key][0]), ...Checkpoint::cases()) as $finding) {
            $said[] = $finding->words();
        }
        foreach ($said as $one) {
            $ofTheOther = '/\d ?(°F|in|mil|lb|psi|cfm|gal|ft²)(?![\p{L}\d])/u';
            self::assertDoesNotMatchRegularExpression($ofTheOther, $one->in(UnitSystem::Metric));
            $metric = '/\d ?(°C|K|mm|kg|bar|µm|m²|m³|l)(?![\p{L}\d])/u';
            self::assertDoesNotMatchRegularExpression($metric, $one->in(UnitSystem::Us));
        }
    }

    public function test_every_case_is_of_a_rule_there_is_and_every_rule_explains_itself(): void
    {
        self::assertEqualsCanonicalizing(array_keys(self::keys()), array_keys(self::table()));
        foreach (RuleBook::all() as $rule) {
            self::assertMatchesRegularExpression('/^[a-z0-9]+(-[a-z0-9]+)*$/', $rule->key);
            self::assertStringEndsWith('.', $rule->reason->in(UnitSystem::Metric));
            self::assertStringEndsWith('.', $rule->wayOut->in(UnitSystem::Us));
            self::assertNotSame('', $rule->source->words);
            self::assertNotSame([], $rule->askedAt);
        }
    }

    public function test_the_relief_bake_must_follow_the_acid_soon_enough_and_before_the_powder(): void
    {
        $steel = ['metal' => 'carbon_steel', 'hardened' => true, 'temper_c' => 250, 'strength_mpa' => 1100];
        $bake = fn (float $c = 200, float $hold = 480): array => [
            'step' => 'relief_bake',
            'pmt_c' => $c,
            'hold_min' => $hold,
        ];
        $fires = fn (array ...$steps): bool => in_array(
            'relief-bake-missing',
            self::fired(['part' => $steel, 'steps' => $steps]),
            true,
        );
        [$acid, $coat] = [['step' => 'acid'], ['step' => 'coat']];
        self::assertFalse($fires($acid, $bake(), $coat));
        self::assertTrue($fires($bake(), $acid, $coat), 'one before the acid counts for nothing');
        self::assertTrue($fires($acid, $coat, $bake()), 'nor one after the powder');
        self::assertFalse($fires($acid, ['step' => 'rinse', 'wait_min' => 240], $bake()));
        self::assertTrue($fires($acid, ['step' => 'rinse', 'wait_min' => 241], $bake()));
        self::assertTrue($fires($acid, $bake(189)));
        self::assertFalse($fires($acid, $bake(190)));
        self::assertFalse($fires($acid, $bake(220)));
        self::assertTrue($fires($acid, $bake(221)));
        self::assertTrue(
            in_array(
                'relief-bake-missing',
                self::fired(['part' => ['temper_c' => 199] + $steel, 'steps' => [$acid, $bake()]]),
                true,
            ),
            'never above the temper',
        );
        $hold = fn (?float $mpa): float => ReliefBake::holdMinutes($mpa) / 60;
        self::assertSame(
            [8.0, 8.0, 10.0, 18.0, 22.0, 22.0],
            array_map($hold, [1001.0, 1100.0, 1101.0, 1500.0, 1501.0, null]),
        );
        // Steel as strong as that is at risk whether or not somebody ticked that it is hard.
        $strong = fn (float $mpa): array => self::fired([
            'part' => ['metal' => 'carbon_steel', 'strength_mpa' => $mpa],
            'steps' => [$acid],
        ]);
        self::assertContains('acid-on-hardened', $strong(1001));
        self::assertNotContains('acid-on-hardened', $strong(1000));
    }

    public function test_what_a_load_is_computed_to_reach_outranks_what_was_planned(): void
    {
        $zinc = ['part' => ['metal' => 'zinc_die_cast'], 'steps' => [['pmt_c' => 190] + self::BAKE]];
        self::assertSame([], array_intersect(['metal-hot', 'metal-too-hot'], self::fired($zinc)));
        self::assertContains(
            'metal-too-hot',
            self::fired($zinc + ['floor' => new FloorConditions(peakC: 205.6)], Checkpoint::DoorShut),
        );
        self::assertNotContains(
            'metal-too-hot',
            self::fired($zinc + ['floor' => new FloorConditions(peakC: 205.4)], Checkpoint::DoorShut),
        );
        $alloy = ['part' => ['metal' => 'aluminium', 'heat_treated' => true, 'metal_minutes_so_far' => 40]];
        self::assertContains(
            'light-alloy-heat-much',
            self::fired($alloy + ['floor' => new FloorConditions(metalMinutes: 6)]),
        );
        self::assertNotContains(
            'light-alloy-heat-much',
            self::fired($alloy + ['floor' => new FloorConditions(metalMinutes: 5)]),
        );
    }

    public function test_figures_are_said_in_the_reader_s_units(): void
    {
        $finding = RuleBook::judge(
            self::plan(['part' => ['metal' => 'zinc_die_cast'], 'steps' => [['pmt_c' => 206] + self::BAKE]]),
            Checkpoint::Route,
        )[0];
        self::assertSame('metal-too-hot', $finding->rule->key);
        self::assertStringContainsString(
            'gets 206 °C; it stands 205 °C',
            $finding->evidence->in(UnitSystem::Metric),
        );
        self::assertStringContainsString('gets 403 °F; it stands 401 °F', $finding->evidence->in(UnitSystem::Us));
        self::assertEqualsCanonicalizing(['hottest', 'limit'], array_keys($finding->evidence->quantities()));
    }

    public function test_a_signature_lets_a_sign_rule_go_on_but_never_a_stop(): void
    {
        $answer = fn (array $with): array => RouteFile::parse(
            json_encode($with + ['format' => 'aenum-route/1', 'steps' => []], JSON_THROW_ON_ERROR),
        )->answer();
        $duty = ['part' => ['metal' => 'carbon_steel', 'duty' => 'lifting']];
        self::assertFalse($answer($duty)['may_go_on']);
        $signed = $answer($duty + ['signed' => [['rule' => 'safety-duty', 'by' => 'Mara']]]);
        self::assertTrue($signed['may_go_on']);
        self::assertSame('Mara', $signed['findings'][0]['signed_by']);
        self::assertFalse(
            $answer(['part' => ['metal' => 'magnesium'], 'signed' => [['rule' => 'magnesium', 'by' => 'Mara']]])[
                'may_go_on'
            ],
        );
        // A waiver turns old plating from a stop into a signature.
        $waived = $answer([
            'part' => ['metal' => 'carbon_steel', 'on_it' => ['plating']],
            'signed' => [['rule' => 'plating-adhesion', 'by' => 'Owner']],
        ]);
        self::assertTrue($waived['may_go_on']);
        self::assertSame('plating-adhesion', RuleBook::find('old-plating')?->signedUnder());
    }

    public function test_a_cure_is_held_against_the_bake_out_as_it_was(): void
    {
        $stops = fn (?float $out, float $peak): bool => in_array('bake-out-too-cool', self::fired([
            'steps' => [['step' => 'bake_out', 'pmt_c' => 210], self::BAKE],
            'floor' => new FloorConditions(peakC: $peak, bakedOutC: $out),
        ]), true);
        self::assertTrue($stops(194, 195));
        self::assertFalse($stops(195, 195));
        self::assertFalse($stops(null, 230), 'nothing on record: as planned');
        $relieved = self::fired(['steps' => [self::BAKE], 'floor' => new FloorConditions(peakC: 205, bakedOutC: 190)]);
        self::assertNotContains('bake-out-too-cool', $relieved);
    }
}

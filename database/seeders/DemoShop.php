<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Thermal\OvenEstimate;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Commands\LoadCure;
use App\Curing\Commands\RunOven;
use App\Curing\Commands\SaveOvenLog;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Simulated\SimulatedLogger;
use App\Curing\Simulated\SimulatedThermometer;
use App\Intake\Commands\SaveJob;
use App\Intake\Commands\SavePart;
use App\Intake\Models\Bag;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Release\Commands\ReleaseBatch;
use App\Routing\Commands\ChangeRoute;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Commands\WriteFacts;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use App\Scheduling\Models\WorkHours;
use App\ShopFloor\Commands\MoveBatch;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Once as Memo;

/**
 * The demo shop: a workshop that restores and coats the street furniture and lamps of a small lakeside town.
 * Everyone and everything in it is made up. It is filled through the same actions the screens use.
 */
final class DemoShop extends Seeder
{
    /** By then its clocks have run out, h. */
    public const STALE_H = 4;

    /** What was found at the counter of parts that have gone on, and where they will live. */
    private const FACTS = [
        'bin liner' => [
            [
                'made' => 'sheet',
                'on_it' => ['two_part_paint', 'grease'],
                'features' => ['seams'],
                'paint_test' => 'none',
            ],
            'indoors',
        ],
        'bollard base' => [
            [
                'made' => 'cast',
                'on_it' => ['rust', 'paint'],
                'features' => ['recesses', 'stamped_plate'],
                'paint_test' => 'none',
            ],
            'outdoors',
        ],
        'lantern crown' => [
            ['made' => 'cast', 'on_it' => ['old_powder'], 'features' => ['recesses'], 'paint_test' => 'none'],
            'outdoors',
        ],
        'quay plaque' => [['made' => 'cast', 'on_it' => ['bare'], 'no_factory_clear' => true], 'outdoors'],
        'mooring ring' => [['made' => 'forged', 'on_it' => ['mill_scale']], 'indoors'],
        'vane arm' => [['made' => 'cast', 'on_it' => ['bare'], 'features' => ['recesses'], 'oily' => true], 'indoors'],
        'trim length' => [['made' => 'sheet', 'on_it' => ['bare'], 'features' => ['seams']], 'outdoors'],
        'name bracket' => [['made' => 'sheet', 'on_it' => ['mill_scale'], 'features' => ['threads']], 'outdoors'],
    ];

    private User $owner;

    private User $finisher;

    private DemoTime $time;

    private DemoCoats $coats;

    private DemoInspection $looked;

    /** @var array<string, Powder> */
    private array $powders = [];

    /** @var array<string, Oven> */
    private array $ovens = [];

    public function run(): void
    {
        $real = CarbonImmutable::now('UTC');
        $frozen = CarbonImmutable::getTestNow();
        DB::transaction(function () use ($real, $frozen): void {
            $this->shop();
            $this->hours();
            $this->time = DemoTime::openedAt($real);
            $now = $this->time->now;
            try {
                $this->time->set($now);
                $this->shelf();
                $this->coats = new DemoCoats($this->owner, $this->finisher, $this->powders, $this->time);
                $this->coats->equipment();
                $this->looked = new DemoInspection($this->owner, $this->finisher);
                (new DemoYear($this->owner, $this->finisher, $this->powders, $this->ovens, $this->time))->lived();
                $this->history();
                $this->rail($now);
                $this->counter($now);
                $this->ovensAtWork($now);
                $this->afterTheOven($now);
                $this->faulty($now);
                $this->atTheGun($now);
                (new DemoBenches($this->owner, $this->finisher, $this->ovens['small'], $this->time))->fill($now);
                $this->coats->underWay($now);
            } finally {
                CarbonImmutable::setTestNow($frozen);
            }
            // The shop's clock goes on from there, whatever the real time.
            Shop::query()->toBase()->update(['clock_ahead_s' => (int) round($real->diffInSeconds($now))]);
            Memo::flush();
        });
    }

    private function shop(): void
    {
        Shop::query()->create([
            'id' => 1,
            'set_up_at' => now(),
            'name' => 'Boathouse Coating Works',
            'timezone' => DemoTime::ZONE,
            'currency' => 'CHF',
            'kwh_price' => 0.27,
            'ambient_c' => 20,
            'humidity_pct' => 55,
            'price_hour' => 78,
            'reads_door_open' => false,
            'price_powder_kg' => 14,
            'price_media_kg' => 1.1,
            'compressor_bar' => 8.0,
            'air_hose_m' => 12.0,
            'air_hose_mm' => 25.0,
            'blast_hose_m' => 8.0,
            'blast_hose_mm' => 25.0,
            'nozzle_new_mm' => 7.5,
            'rail_kg' => 400,
            'hook_kg' => 90,
            'booth_wide_mm' => 2000,
            'booth_high_mm' => 2200,
            'booth_deep_mm' => 3000,
            'compressor_m3_min' => 2.9,
            'nozzle_mm' => 8,
        ]);
        foreach (
            [
                ['Mara Ostwald', 'mara', 'owner'],
                ['Joss Tellmark', 'joss', 'finisher'],
                ['Orla Quist', 'orla', 'viewer'],
            ] as [$name, $mail, $role]
        ) {
            $user = User::query()->create([
                'name' => $name,
                'email' => "{$mail}@lakeside-coating.example",
                'password' => 'lantern-on-the-pier',
                'role' => $role,
                'unit_system' => 'metric',
                'theme' => 'light',
            ]);
            if ($role === 'owner') {
                $this->owner = $user;
            } elseif ($role === 'finisher') {
                $this->finisher = $user;
            }
        }
    }

    private function hours(): void
    {
        DB::table('work_hours')->delete();
        foreach (range(1, 5) as $weekday) {
            foreach (DemoTime::HOURS as [$begins, $ends]) {
                WorkHours::query()->create(['weekday' => $weekday, 'from_min' => $begins, 'to_min' => $ends]);
            }
        }
    }

    private function shelf(): void
    {
        $powders = [
            'green' => [
                'Promenade green, fine texture',
                'Pierhead Powders',
                '26-0417',
                'polyester',
                '#1f4a3d',
                'fine texture',
                1.55,
                60,
                90,
                120,
                3,
                true,
                [[180, 18, 60], [190, 12, 40], [200, 8, 28]],
            ],
            'black' => [
                'Lamp black, satin',
                'Pierhead Powders',
                '26-0388',
                'polyester',
                '#1b1d1e',
                'satin',
                1.5,
                60,
                90,
                120,
                3,
                true,
                [[180, 15, 45], [200, 8, 22]],
            ],
            'grey' => [
                'Slipway grey, quick',
                'Pierhead Powders',
                '26-0402',
                'polyester',
                '#7f8a8c',
                'smooth',
                1.6,
                60,
                90,
                115,
                3,
                true,
                [[180, 18, 45], [200, 8, 20]],
            ],
            'zinc' => [
                'Undercoat Z, zinc rich',
                'Breakwater Coatings',
                '26-1130',
                'epoxy',
                '#8a8d8f',
                'primer',
                2.6,
                60,
                90,
                110,
                4,
                true,
                [[160, 15, null], [180, 8, null]],
            ],
            'epoxy' => [
                'Undercoat E for light alloy',
                'Breakwater Coatings',
                '26-1142',
                'epoxy',
                '#b9b4a6',
                'primer',
                1.45,
                50,
                80,
                110,
                4,
                true,
                [[170, 12, 50], [190, 6, 30]],
            ],
            'white' => [
                'Bandstand white',
                'Breakwater Coatings',
                '26-1098',
                'polyester',
                '#eef0ee',
                'gloss',
                1.7,
                70,
                100,
                120,
                3,
                true,
                [[170, 20, 60], [180, 12, 40], [190, 8, 28]],
            ],
            'clear' => [
                'Shore clear',
                'Pierhead Powders',
                '26-0430',
                'acrylic',
                '#dfe6e8',
                'clear gloss',
                1.2,
                50,
                70,
                110,
                4,
                false,
                [[170, 20, 60], [180, 14, 42]],
            ],
            ...DemoCoats::POWDERS,
        ];
        foreach (
            $powders as $key => [
                $name,
                $maker,
                $lot,
                $chemistry,
                $colour,
                $finish,
                $sg,
                $min,
                $max,
                $flow,
                $flowMinutes,
                $proof,
                $rows,
            ]
        ) {
            $powder = Powder::query()->create([
                'name' => $name,
                'maker' => $maker,
                'lot' => $lot,
                'chemistry' => $chemistry,
                'colour' => $colour,
                'finish' => $finish,
                'specific_gravity' => $sg,
                'film_min_um' => $min,
                'film_max_um' => $max,
                'flow_c' => $flow,
                'flow_minutes' => $flowMinutes,
                'solvent_proof' => $proof,
            ] + DemoCoats::factsOf($key));
            $powder
                ->rows()
                ->createMany(
                    array_map(
                        fn (array $row): array => [
                            'pmt_c' => $row[0],
                            'min_minutes' => $row[1],
                            'max_minutes' => $row[2],
                        ],
                        $rows,
                    ),
                );
            $this->powders[$key] = $powder;
        }
        foreach (
            [
                'big' => ['Long oven', 'electric', 1.8, 2.0, 3.2, 'normal', 25.0, 36.0, 230.0],
                'small' => ['Bench oven', 'electric', 0.9, 1.0, 1.2, 'gentle', 22.0, 9.0, 240.0],
                'yard' => ['Yard oven', 'electric', 1.5, 1.9, 2.2, 'normal', 24.0, 24.0, 230.0],
            ] as $key => [$name, $heat, $w, $h, $d, $fan, $minutes, $kw, $max]
        ) {
            $answers = [
                'heat' => $heat,
                'width_m' => $w,
                'height_m' => $h,
                'depth_m' => $d,
                'fan' => $fan,
                'minutes_to_200' => $minutes,
                'heater_said_kw' => $kw,
            ];
            $this->ovens[$key] = Oven::query()->create(
                ['name' => $name, 'max_c' => $max] +
                    $answers +
                    Oven::figuresOf(OvenEstimate::from($heat, $w, $h, $d, $fan, $minutes, $kw, $max)),
            );
        }
    }

    /** A job from the working day before, baked twice, inspected and released: what a record looks like. */
    private function history(): void
    {
        $start = $this->time->dayBefore(7, 10);
        $job = $this->job(
            $start,
            'Sign brackets, harbour lane',
            'Harbour Lane traders',
            null,
            Station::Cure,
            'Old pits will still show.',
            [
                [
                    'sign bracket',
                    12,
                    'carbon_steel',
                    2.4,
                    0.28,
                    null,
                    [],
                    [['primer', 'zinc', 'flow'], ['base', 'black', 'full']],
                ],
            ],
        );
        $this->bake($start->addHours(3), 'big', $job);
        $this->bake($start->addHours(5), 'big', $job, readings: true);
        $logged = OvenLoad::query()->latest('id')->firstOrFail();
        $seconds = (float) $logged->shut_at?->diffInSeconds($logged->pulled_at);
        (new SaveOvenLog())(
            $logged,
            (new SimulatedLogger(BakeModelFactory::from($logged)))->file($seconds),
            'rack logger',
            0,
            $this->finisher,
        );
        $this->at($start->addMinutes(390));
        $batch = $this->batch($job);
        (new MoveBatch())->send($batch, $this->finisher, Station::Inspect, null, Station::Cure);
        $this->looked->film($batch, ['face' => '138 146 141', 'inside' => '152 148 155', 'far_side' => '133 139 136']);
        $this->looked->rub($batch, 5);
        $this->looked->over($batch);
        $this->at($start->addHours(7));
        (new MoveBatch())->send($batch->refresh(), $this->finisher, Station::Release, null, Station::Inspect);
        $this->at($start->addHours(8));
        $this->looked->over($batch->refresh());
        (new ReleaseBatch())($batch->refresh(), $this->owner, 'All twelve counted back.', 'V. Lindqvarn', null);
    }

    private function batch(Job $job): Batch
    {
        return Batch::query()->whereIn('part_id', $job->parts()->pluck('id'))->orderBy('id')->firstOrFail();
    }

    private function rail(CarbonImmutable $now): void
    {
        $from = $now->subHours(6);
        $this->job(
            $from,
            'Mooring cleats',
            'Lake boating club',
            9,
            Station::Intake,
            'Galling under the horns will still show.',
            [['mooring cleat', 16, 'cast_iron', 3.1, 0.11, null, [], []]],
        );
        $this->job($from, 'Litter-bin liners', 'Town works yard', 12, Station::Strip, null, [
            ['bin liner', 20, 'galvanised_steel', 4.2, 1.3, 1.0, [], [['base', 'green', 'full']]],
        ]);
        $this->job(
            $from,
            'Bollard bases, north mole',
            'Town works yard',
            6,
            Station::Blast,
            'Stamped foundry marks stay readable.',
            [
                [
                    'bollard base',
                    4,
                    'cast_iron',
                    62.0,
                    1.4,
                    null,
                    [['foot', 40.0, 0.7], ['collar', 22.0, 0.7]],
                    [['primer', 'zinc', 'flow'], ['base', 'black', 'full']],
                ],
            ],
        );
        $this->job($from, 'Weather-vane arms', 'Chapel keepers', 15, Station::BakeOut, null, [
            ['vane arm', 4, 'bronze', 1.8, 0.16, null, [], [['clear', 'clear', 'full']]],
        ]);
        $this->job(
            $from,
            'Bandstand trim',
            'Lakeside festival society',
            -1,
            Station::Wash,
            'Due before the winter concert.',
            [
                [
                    'trim length',
                    24,
                    'aluminium',
                    1.1,
                    0.42,
                    null,
                    [],
                    [['primer', 'epoxy', 'flow'], ['base', 'white', 'full']],
                ],
            ],
        );
        $this->job($from, 'Handrail ends', 'Steamer pier company', 5, Station::MaskAndHang, null, [
            ['handrail end', 10, 'stainless_steel', 1.6, 0.12, null, [], [['base', 'grey', 'full']]],
        ]);
        $this->job($from, 'Lamp arms', 'Town lighting office', 4, Station::Coat, null, [
            [
                'lamp arm',
                8,
                'carbon_steel',
                6.4,
                0.55,
                null,
                [],
                [['primer', 'zinc', 'flow'], ['base', 'black', 'full']],
            ],
        ]);
    }

    /**
     * What the counter found: one job declined, one waived, one with a contradiction waiting to be seen, one of many
     * alike.
     */
    private function counter(CarbonImmutable $now): void
    {
        $from = $now->subHours(7);
        $declined = $this->job($from, 'Soldered lamp finials', 'Chapel keepers', null, Station::Intake, null, [
            ['finial', 6, 'brass', 0.7, 0.05, null, [], [['clear', 'clear', 'full']]],
        ]);
        $this->facts($declined, ['made' => 'machined', 'features' => ['solder_or_white_metal']]);
        (new MoveBatch())->decline(
            $declined,
            $this->owner,
            'Soldered joints would melt in the oven; the customer was told.',
        );
        $waived = $this->job(
            $from,
            'Plated pier bell bracket',
            'Steamer pier company',
            10,
            Station::Intake,
            'Adhesion on the old plating is not promised.',
            [['bell bracket', 1, 'carbon_steel', 5.2, 0.22, null, [], [['base', 'black', 'full']]]],
        );
        $this->facts($waived, ['made' => 'forged', 'on_it' => ['plating'], 'features' => ['bores']], 'outdoors');
        (new ChangeRoute())->sign(
            $waived->parts()->firstOrFail(),
            'plating-adhesion',
            'H. Vantongeren, pier company',
            $this->owner,
        );
        $contradiction = $this->job(
            $from,
            'Bandstand hinges',
            'Lakeside festival society',
            8,
            Station::Intake,
            null,
            [['hinge', 12, 'cast_aluminium', 1.9, 0.09, null, [], [['base', 'white', 'full']]]],
        );
        $this->facts(
            $contradiction,
            [
                'made' => 'cast',
                'on_it' => ['grease', 'paint'],
                'features' => ['bores', 'faces'],
                'blast' => ['media' => 'steel_grit', 'pressure_bar' => 6],
            ],
            'outdoors',
        );
        $route = new ChangeRoute();
        foreach (range(1, 4) as $ignored) {
            $part = $contradiction->parts()->firstOrFail();
            $at = array_search(
                'degrease',
                array_map(fn ($step): string => $step->kind->value, PartRoute::of($part)->steps),
                true,
            );
            $route($part, 'down', (int) $at, null);
        }
        $many = $this->job($from, 'Street-name brackets', 'Town works yard', 20, Station::Intake, null, [
            [
                'name bracket',
                240,
                'carbon_steel',
                0.42,
                0.031,
                null,
                [],
                [['primer', 'zinc', 'flow'], ['base', 'green', 'full']],
            ],
        ]);
        $this->carts($many, $from);
    }

    /** Out of the oven: one lot with a rub that failed, one that waits for its plugs to be counted. */
    private function afterTheOven(CarbonImmutable $now): void
    {
        $start = $now->subHours(9);
        $soft = $this->job($start, 'Ticket-booth grilles', 'Steamer pier company', 1, Station::Cure, null, [
            ['booth grille', 6, 'carbon_steel', 3.8, 0.52, null, [], [['base', 'grey', 'full']]],
        ]);
        $this->bake($start->addHours(5), 'small', $soft);
        $this->at($start->addHours(6));
        $batch = $this->batch($soft);
        (new MoveBatch())->send($batch, $this->finisher, Station::Inspect, null, Station::Cure);
        $this->looked->film($batch, ['face' => '74 81 77', 'inside' => '69 72 70', 'far_side' => '78 75 80']);
        $this->looked->rub($batch, 2, 'soft at the lower rail');
        $ready = $this->job($start, 'Drinking-fountain bowls', 'Parks and gardens', 2, Station::Cure, null, [
            ['fountain bowl', 2, 'cast_aluminium', 5.4, 0.48, null, [], [['base', 'white', 'full']]],
        ]);
        $this->bake($start->addHours(7), 'small', $ready);
        $this->at($start->addHours(8));
        $bowl = $this->batch($ready);
        (new MoveBatch())->send($bowl, $this->finisher, Station::Inspect, null, Station::Cure);
        $this->looked->film($bowl, ['face' => '82 88 85', 'inside' => '79 83 81', 'far_side' => '91 84 87']);
        $this->looked->rub($bowl, 5);
        $this->looked->over($bowl);
        (new MoveBatch())->send($bowl->refresh(), $this->finisher, Station::Release, null, Station::Inspect);
        Bag::query()->create([
            'part_id' => $bowl->part_id,
            'name' => 'F2',
            'holds' => 'spout nuts and washers',
            'count' => 8,
            'user_id' => $this->finisher->id,
            'at' => ShopClock::now(),
        ]);
    }

    /**
     * Lantern hoods with a recess: two of eight thin there, pinned and to be decided; and sundial plates of which two
     * are being sanded and coated again.
     */
    private function faulty(CarbonImmutable $now): void
    {
        $jobs = [['Lantern hoods, chapel lane', 'lantern hood', 4], ['Sundial plates', 'sundial plate', 5]];
        foreach ($jobs as [$title, $name, $hour]) {
            $start = $now->subHours(9);
            $job = $this->job($start, $title, 'Chapel keepers', 4, Station::MaskAndHang, null, [
                [$name, 8, 'cast_aluminium', 2.1, 0.24, null, [], [['base', 'green', 'full']]],
            ]);
            $this->looked->recess($job->parts()->firstOrFail());
            $batch = $this->batch($job);
            $this->walk($batch, $start->addHours(3), Station::Cure);
            $this->bake($start->addHours($hour), 'yard', $job);
            $this->at($start->addHours($hour + 1));
            (new MoveBatch())->send($batch->refresh(), $this->finisher, Station::Inspect, null, Station::Cure);
            $this->looked->film($batch->refresh(), [
                'face' => '72 75 70', 'inside' => '66 64 68', 'far_side' => '74 71 77', 'pin-1' => '41 44 38',
            ]);
            $this->looked->rub($batch, 5);
            $defect = $this->looked->thin($batch, 2);
            if ($name === 'sundial plate') {
                $this->looked->recoat($defect);
            }
        }
        $this->time->set($now);
    }

    /** At Coat: a casting with recesses, sprayed in part; plaques in two colours; a bright thing whose panel waits. */
    private function atTheGun(CarbonImmutable $now): void
    {
        $from = $now->subHours(6);
        $this->job($from, 'Lantern crowns, old bridge', 'Town lighting office', 6, Station::Coat, null, [
            ['lantern crown', 6, 'cast_aluminium', 3.4, 0.31, null, [], [
                ['primer', 'gas', 'flow'], ['base', 'blue', 'full'],
            ]],
        ]);
        $plaques = $this->job($from, 'Quay plaques', 'Town works yard', 7, Station::Intake, null, [
            ['quay plaque', 4, 'cast_aluminium', 2.2, 0.14, null, [], [
                ['base', 'green', 'flow'], ['base', 'white', 'full'],
            ]],
        ]);
        $plaques->parts()->firstOrFail()->coats()->where('position', 2)->update([
            'zone' => 'the letters', 'share' => 0.15,
        ]);
        $this->walk($this->batch($plaques), $from, Station::MaskAndHang);
        $this->job($from, 'Mooring rings', 'Lake boating club', 11, Station::Intake, null, [
            ['mooring ring', 10, 'carbon_steel', 1.3, 0.06, null, [], [
                ['primer', 'epoxy', 'flow'], ['base', 'bright', 'full'], ['clear', 'clear', 'full'],
            ]],
        ]);
    }

    /** 240 brackets at 50 to a cart: each cart on its own way. */
    private function carts(Job $many, CarbonImmutable $from): void
    {
        $batch = $this->batch($many);
        $this->at($from->addMinutes(10));
        (new SplitBatch())->into($batch, 50, $this->finisher);
        $batches = Batch::query()->where('part_id', $batch->part_id)->orderBy('id');
        $at = [Station::Intake, Station::Coat, Station::MaskAndHang, Station::Wash, Station::Blast];
        foreach ($batches->get() as $n => $cart) {
            $cart->update(['name' => 'cart '.($n + 1)]);
            $this->walk($cart, $from, $at[$n]);
        }
    }

    /** @param  array<string, mixed>  $facts */
    private function facts(Job $job, array $facts, string $lives = 'indoors'): void
    {
        WriteFacts::on($job->parts()->firstOrFail(), $facts);
        $job->update(['lives' => $lives]);
    }

    /** What is at Cure: one load baking, one worked out, one waiting that no single bake serves. */
    private function ovensAtWork(CarbonImmutable $now): void
    {
        $from = $now->subHours(5);
        $benches = $this->job(
            $from,
            'Bench ends, promenade',
            'Parks and gardens',
            3,
            Station::Cure,
            'Two castings have old weld repairs; they will still show.',
            [['bench end', 4, 'cast_iron', 24.0, 1.15, null, [], [['base', 'green', 'full']]]],
        );
        $panels = $this->job($from, 'Railing panels, east quay', 'Parks and gardens', 3, Station::Cure, null, [
            ['railing panel', 4, 'carbon_steel', 6.3, 0.8, 2.0, [], [['base', 'green', 'full']]],
        ]);
        $lanterns = $this->job(
            $from,
            'Lantern bodies, old bridge',
            'Town lighting office',
            2,
            Station::Cure,
            null,
            [
                ['lantern body', 2, 'cast_aluminium', 6.2, 0.62, null, [], [['base', 'green', 'full']]],
                [
                    'lantern cap',
                    2,
                    'aluminium',
                    0.9,
                    0.3,
                    null,
                    [],
                    [['primer', 'epoxy', 'flow'], ['base', 'black', 'full']],
                ],
            ],
        );
        $this->job(
            $from,
            'Column base and skirts',
            'Town lighting office',
            7,
            Station::Cure,
            'The skirts are thin sheet.',
            [
                ['column base', 4, 'cast_iron', 80.0, 1.5, null, [], [['base', 'grey', 'full']]],
                ['thin skirt', 8, 'carbon_steel', 1.9, 0.48, 1.0, [], [['base', 'grey', 'full']]],
            ],
        );
        $panels
            ->parts()
            ->firstOrFail()
            ->update([
                'shapes' => [
                    [
                        'shape' => 'bar_flat',
                        'count' => 2,
                        'width_mm' => 40,
                        'thickness_mm' => 6,
                        'length_mm' => 900,
                    ],
                    [
                        'shape' => 'sheet_perforated',
                        'count' => 1,
                        'length_mm' => 900,
                        'width_mm' => 450,
                        'thickness_mm' => 1.5,
                        'open_share' => 0.4,
                    ],
                ],
            ]);
        $this->at($now->subMinutes(22));
        $load = [];
        foreach ([$benches, $panels, $lanterns] as $job) {
            $part = $job->parts()->firstOrFail();
            $load[$this->batch($job)->id] = $part->count;
        }
        $running = (new LoadCure())($this->ovens['big'], $load, $this->finisher, 75);
        (new RunOven())->shut($running, $this->finisher);
        $this->at($now->subMinutes(6));
        $this->read($running, 0);
        $this->at($now);
        $cap = Batch::query()->whereHas('part', fn ($part) => $part->where('name', 'lantern cap'))->firstOrFail();
        (new LoadCure())($this->ovens['small'], [$cap->id => 2], $this->finisher, 30);
        $this->time->set($now);
    }

    /**
     * @param  list<array{string, int, string, float, float, ?float, list<array{string, float, float}>,
     *      list<array{string, string, string}>}>  $parts
     */
    private function job(
        CarbonImmutable $from,
        string $title,
        string $customer,
        ?int $dueInDays,
        Station $at,
        ?string $notes,
        array $parts,
    ): Job {
        $this->at($from);
        $job = (new SaveJob())(null, $this->owner, [
            'customer' => $customer,
            'title' => $title,
            'due_on' => $dueInDays === null ? null : ShopClock::today()->addDays($dueInDays)->toDateString(),
            'notes' => $notes,
        ]);
        foreach ($parts as [$name, $count, $metal, $mass, $area, $wall, $sections, $coats]) {
            (new SavePart())($job, null, [
                'name' => $name,
                'count' => $count,
                'metal' => $metal,
                'mass_kg' => $mass,
                'area_m2' => $area,
                'wall_mm' => $wall,
                'view_factor' => 0.8,
                'sections' => array_map(
                    fn (array $s): array => ['name' => $s[0], 'mass_kg' => $s[1], 'area_m2' => $s[2]],
                    $sections,
                ),
                'coats' => array_map(
                    fn (array $c): array => [
                        'role' => $c[0],
                        'powder_id' => $this->powders[$c[1]]->id,
                        'bake_to' => $c[2],
                    ],
                    $coats,
                ),
            ]);
        }
        foreach ($job->parts()->get() as $part) {
            if (isset(self::FACTS[$part->name])) {
                [$facts, $lives] = self::FACTS[$part->name];
                WriteFacts::on($part, $facts);
                $job->update(['lives' => $lives]);
            }
        }
        $batches = Batch::query()->whereIn('part_id', $job->parts()->pluck('id'));
        foreach ($batches->get() as $batch) {
            $this->walk($batch, $from, $at);
        }

        return Job::query()->findOrFail($job->id);
    }

    /** Every step before a station done and ticked, and the lot hung there. */
    private function walk(Batch $batch, CarbonImmutable $from, Station $at): void
    {
        for ($minute = 20; $batch->station !== $at; $minute += 25) {
            $this->at($from->addMinutes(min($minute, 240)));
            $next = RoutingProgress::of($batch->refresh())->nextStation();
            $next = $next->isAfter($at) ? $at : $next;
            foreach (RoutingProgress::of($batch)->walk->passed($batch->station, $next) as $n) {
                $walk = RoutingProgress::of($batch->refresh());
                $coat = $walk->coatDue();
                $kind = $walk->walk->steps[$n]->kind;
                match (true) {
                    $kind === StepKind::Coat && $coat !== null => $this->coats->sprayed($batch, $coat),
                    $kind->hasOwnLog() => CompleteStep::logged($batch, $this->finisher, null, $kind),
                    default => (new CompleteStep())->byHand($batch, $this->finisher, $walk->walk->keys[$n]->text()),
                };
            }
            (new MoveBatch())->send($batch->refresh(), $this->finisher, $next, null, $batch->station);
            $batch->refresh();
        }
    }

    private function bake(CarbonImmutable $when, string $oven, Job $job, bool $readings = false): void
    {
        $this->at($when);
        $this->coatAgain($this->batch($job), $when);
        $part = $job->parts()->firstOrFail();
        $bake = (new LoadCure())(
            $this->ovens[$oven],
            [$this->batch($job)->id => $part->count],
            $this->finisher,
        );
        (new RunOven())->shut($bake, $this->finisher);
        if ($readings) {
            $this->at($when->addMinutes(9));
            $this->read($bake, 0);
        }
        $this->at($when->addMilliseconds((int) round(60000 * ($bake->refresh()->minutes + ($readings ? 2.5 : 1.5)))));
        (new RunOven())->pull($bake, $this->finisher);
    }

    /** A coat that is due and not on: back to Coat, sprayed, and to Cure again. */
    private function coatAgain(Batch $batch, CarbonImmutable $when): void
    {
        $walk = RoutingProgress::of($batch);
        $coat = $walk->coatDue();
        if ($coat !== null && ! $walk->isCoated($coat)) {
            (new MoveBatch())->send($batch, $this->finisher, Station::Coat, null, Station::Cure);
            $this->walk($batch->refresh(), $when->subMinutes(20), Station::Cure);
            $this->at($when);
        }
    }

    private function read(OvenLoad $bake, int $item): void
    {
        $load = BakeModelFactory::from(OvenLoad::query()->findOrFail($bake->id));
        (new RunOven())->read(
            $bake,
            $this->finisher,
            $load->hung[$item]->key(),
            (new SimulatedThermometer($load->bake, $load->readItems()))->shows($item, ShopClock::now()),
            0.9,
            'stand_in',
        );
    }

    private function at(CarbonImmutable $moment): void
    {
        $this->time->at($moment);
    }
}

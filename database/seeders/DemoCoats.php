<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Application\AirUnit;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Application\Commands\SprayCoat;
use App\Application\Queries\ColorChanges;
use App\Application\Queries\GroundChecks;
use App\Application\ViewModels\CoatViewModel;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Panel;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\WriteLog;
use App\Routing\Queries\GroundReading;
use App\Routing\Queries\RoutingProgress;
use Carbon\CarbonImmutable;

/** The booth of the demo shop: guns, powders of every kind and their lots, sprayings done and under way. */
final readonly class DemoCoats
{
    /** As DemoShop has its powders: name, maker, lot, chemistry, colour, finish, gravity, film, flow, proof, rows. */
    public const POWDERS = [
        'silver' => [
            'Harbour silver, bonded', 'Pierhead Powders', '26-0455', 'polyester', '#a9b0b4', 'metallic', 1.6, 60, 80,
            120, 3, true, [[180, 15, 40], [200, 8, 20]],
        ],
        'bright' => [
            'Lamp-glass bright', 'Breakwater Coatings', '26-1160', 'hybrid', '#d3dadd', 'bright metal look', 1.55, 50,
            70, 115, 3, false, [[180, 12, 30], [200, 6, 15]],
        ],
        'lake' => [
            'Deep-lake blue, transparent', 'Breakwater Coatings', '26-1171', 'polyester', '#1d4f7c',
            'transparent gloss', 1.25, 60, 80, 115, 4, true, [[180, 15, 40], [190, 10, 30]],
        ],
        'wrinkle' => [
            'Anchor wrinkle', 'Pierhead Powders', '26-0461', 'epoxy', '#2c3133', 'wrinkle', 1.5, 80, 120, 110, 4, true,
            [[180, 15, 40], [200, 10, 25]],
        ],
        'gas' => [
            'Undercoat G, lets gas through', 'Breakwater Coatings', '26-1149', 'epoxy', '#70757a', 'primer', 1.6, 80,
            120, 110, 5, true, [[180, 15, 60], [200, 8, 30]],
        ],
        'conductive' => [
            'Undercoat C, conductive', 'Breakwater Coatings', '26-1153', 'epoxy', '#4c5054', 'primer', 1.7, 50, 80,
            110, 4, true, [[170, 15, 50], [190, 8, 30]],
        ],
        'blue' => [
            'Boathouse blue', 'Pierhead Powders', '26-0470', 'polyester', '#274b7a', 'satin', 1.5, 60, 90, 120, 3,
            true, [[180, 15, 45], [200, 8, 22]],
        ],
    ];

    /** What else is known of them. */
    private const FACTS = [
        'zinc' => ['zinc_rich' => true, 'ohm_m' => 1e11],
        'gas' => ['gas_tolerant' => true],
        'conductive' => ['conductive' => true, 'ohm_m' => 1e8],
        'silver' => ['effect' => 'metallic', 'bonded' => true, 'clear_need' => 'needed', 'before_clear' => 'flowed'],
        'bright' => ['effect' => 'bright', 'bonded' => false, 'clear_need' => 'optional', 'before_clear' => 'cured'],
        'lake' => ['effect' => 'transparent', 'clear_need' => 'optional'],
        'wrinkle' => ['effect' => 'textured', 'clear_need' => 'spoils'],
    ];

    /** Kilograms of each lot, days since it came, days until its date, its place. */
    private const LOTS = [
        'green' => [['26-0417', 20, 60, 300, 'shelf 2, left'], ['26-0398', 6, 200, 120, 'shelf 2, left']],
        'black' => [['26-0388', 20, 90, 280, 'shelf 2, middle']],
        'grey' => [['26-0402', 10, 80, 290, 'shelf 2, right']],
        'zinc' => [['26-1130', 25, 70, 200, 'shelf 1, floor']],
        'epoxy' => [['26-1142', 15, 40, 320, 'shelf 1, floor']],
        'white' => [['26-1098', 20, 150, 210, 'shelf 3, left']],
        'clear' => [['26-0430', 8, 30, 330, 'shelf 3, right']],
        'silver' => [['26-0455', 5, 45, 300, 'shelf 4, lidded box']],
        'bright' => [['26-1160', 2.5, 400, -12, 'shelf 4, lidded box']],
        'lake' => [['26-1171', 2.5, 20, 340, 'shelf 4']],
        'wrinkle' => [['26-0461', 5, 55, 310, 'shelf 4']],
        'gas' => [['26-1149', 10, 50, 310, 'shelf 1, floor']],
        'blue' => [['26-0470', 0.35, 25, 340, 'shelf 2, open box']],
    ];

    /** @param  array<string, Powder>  $powders */
    public function __construct(
        private User $owner,
        private User $finisher,
        private array $powders,
        private DemoTime $time,
    ) {
    }

    /** @return array<string, mixed> */
    public static function factsOf(string $key): array
    {
        return (self::FACTS[$key] ?? []) + [
            'price_kg' => 9.5 + 0.7 * strlen($key),
            'box_kg' => $key === 'zinc' ? 25 : 20,
            'supplier_days' => 6,
            'least_order_kg' => 5,
            'softens_c' => 95,
            'keep_below_c' => 28,
            'outdoors' => ! in_array($key, ['zinc', 'epoxy', 'gas', 'conductive', 'bright', 'wrinkle'], true),
        ];
    }

    public function equipment(): void
    {
        Shop::query()->whereKey(1)->update([
            'booth_air_m3_min' => 132, 'booth_face_m_s' => 0.5, 'powder_reserve' => 0.10,
            'gun_interlocked' => true, 'light_metal_cabinet' => true, 'co_alarm' => true,
            'breathing_air_tested_on' => $this->time->now->subDays(40)->format('Y-m-d'),
        ]);
        $tips = ['tip_slot' => true, 'tip_round' => true];
        $bench = Gun::query()->create($tips + [
            'name' => 'Booth gun', 'kind' => GunKind::Full, 'feed' => Feed::Hopper, 'tip_deflector' => true,
            'has_atomising' => true, 'has_ring' => true, 'most_kv' => 100, 'most_ua' => 100, 'flow_g_min' => 110,
            'pattern_mm' => 240, 'pattern_at_mm' => 220,
        ]);
        foreach ([[1, 'flats', 68, 45, 1.0], [2, 'recesses', 45, 22, 0.7], [3, 'second coats', 45, 12, 0.8]] as $one) {
            $bench->programs()->create(array_combine(['number', 'name', 'kv', 'ua', 'air'], $one));
        }
        Gun::query()->create($tips + [
            'name' => 'Cup gun', 'kind' => GunKind::TwoStep, 'feed' => Feed::Cup, 'most_kv' => 90, 'low_kv' => 50,
            'flow_g_min' => 70, 'pattern_mm' => 180, 'pattern_at_mm' => 200, 'air_unit' => AirUnit::Bar,
            'air_usual' => 1.4,
        ]);
        Gun::query()->create([
            'name' => 'Lent by the college', 'kind' => GunKind::Unknown, 'feed' => Feed::ShakerBox, 'most_kv' => 100,
            'tip_slot' => true,
        ]);
        $today = ShopClock::today();
        foreach (self::LOTS as $key => $batches) {
            foreach ($batches as [$number, $kg, $came, $lasts, $place]) {
                PowderLot::query()->create([
                    'powder_id' => $this->powders[$key]->id,
                    'number' => $number,
                    'kg' => $kg,
                    'received_on' => $today->subDays($came),
                    'opened_on' => $came > 30 ? $today->subDays($came - 5) : null,
                    'best_before_on' => $today->addDays($lasts),
                    'place' => $place,
                    'user_id' => $this->owner->id,
                    'at' => ShopClock::now(),
                ]);
            }
        }
        Panel::query()->create([
            'powder_id' => $this->powders['wrinkle']->id, 'signed_by' => 'T. Aldermoor, boating club',
            'film_um' => 96, 'note' => 'seen in daylight beside the old one', 'user_id' => $this->owner->id,
            'at' => ShopClock::now()->subDays(9),
        ]);
    }

    /** A coat of a lot that went through the booth: weighed, timed, measured raw, each a little its own way. */
    public function sprayed(Batch $batch, Coat $coat): void
    {
        $board = CoatViewModel::onLot($batch, RoutingProgress::of($batch), new CoatTurned());
        $turn = ($batch->id + $coat->position) % 5 - 2;
        $weighs = $board !== null && $board->stock->totalG() > 2 * $board->bench->plan->weighOutG();
        $plan = $board?->bench->plan;
        (new SprayCoat())->logged($batch, $coat, $batch->count, $coat->powder->lot, $plan === null || ! $weighs ? [] : [
            'weighed_g' => $plan->weighOutG(),
            'back_g' => round(max(0.0, $plan->weighOutG() - (1.05 + 0.03 * $turn) * $plan->sprayG)),
            'minutes' => round((1.1 + 0.08 * $turn) * $plan->plainMinutes),
            'raw_um' => round((1.0 + 0.02 * $turn) * $plan->task->wantedUm),
        ], $this->finisher);
    }

    /** The morning's checks, and the crown with its first recess done. */
    public function underWay(CarbonImmutable $now): void
    {
        $this->time->at($now->subHours(2));
        foreach (['booth' => 0.4, 'gun' => 0.6, 'rail' => 2.1] as $what => $ohm) {
            GroundChecks::write($what, $ohm, $this->finisher);
        }
        WriteLog::line(ColorChanges::KIND, 'Promenade green, fine texture > Bandstand white', [
            'planned_min' => 33.0, 'actual_min' => 38.0,
        ], $this->finisher);
        $crown = Part::query()->where('name', 'lantern crown')->firstOrFail();
        foreach (
            [
                [PinKind::Recess, 0.2, 0.56, 42, 30, 4, 'between the ribs'],
                [PinKind::Recess, 0.31, 0.3, 24, 55, 1, 'the throat'],
                [PinKind::Seat, 0.33, 0.72, 60, null, 1, 'glass beds here'],
            ] as [$kind, $x, $y, $size, $depth, $places, $note]
        ) {
            (new PlacePin())($crown, [
                'kind' => $kind, 'picture_id' => null, 'x' => $x, 'y' => $y, 'size_mm' => $size,
                'depth_mm' => $depth, 'places' => $places, 'note' => $note, 'must_stay_bare' => false,
            ], $this->finisher);
        }
        $crown->update(['shapes' => [
            ['shape' => 'cone', 'count' => 1, 'diameter_mm' => 320, 'top_diameter_mm' => 90, 'height_mm' => 180],
        ]]);
        $this->time->at($now->subMinutes(12));
        $batch = Batch::query()->where('part_id', $crown->id)->firstOrFail();
        GroundReading::write($batch, 42.0, $this->finisher);
        CompleteStep::logged($batch, $this->finisher, null, StepKind::GroundCheck);
        $board = CoatViewModel::onLot($batch, RoutingProgress::of($batch), new CoatTurned());
        $spray = new SprayCoat();
        if ($board !== null) {
            $grams = $board->bench->plan->weighOutG();
            $under = $spray->weighOut($board, $grams, $board->from, 2, null, $this->finisher, respirator: true);
            $spray->tickZone($under->zones->firstOrFail(), [], $this->finisher);
        }
        $this->time->set($now);
    }
}

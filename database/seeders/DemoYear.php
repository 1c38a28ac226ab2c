<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Application\Openness;
use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Customers\Models\Customer;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\Rework;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Queries\RoutingProgress;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** The demo shop's year before today: what went out, how it was measured, what went wrong and what it was from. */
final class DemoYear
{
    /** @var array<string, list<string>> steps of a part, by its name */
    private array $ways = [];

    private const JOBS = 18;

    private const DAYS_APART = 13;

    /** Name, metal, kg, m², pieces, powder, made. */
    private const PARTS = [
        ['sundial plate', 'cast_aluminium', 2.1, 0.16, 12, 'black', 'cast'],
        ['balcony panel', 'carbon_steel', 6.3, 0.8, 8, 'green', 'sheet'],
        ['lantern hood', 'cast_aluminium', 3.4, 0.31, 6, 'black', 'cast'],
        ['kiosk bracket', 'carbon_steel', 2.4, 0.28, 10, 'green', 'sheet'],
        ['slat iron', 'carbon_steel', 1.9, 0.14, 24, 'black', 'sheet'],
        ['post arm', 'carbon_steel', 6.4, 0.55, 4, 'green', 'welded'],
    ];

    private const CUSTOMERS = ['Parks and gardens', 'Town lighting office', 'Town works yard', 'Harbour Lane traders'];

    /** Which of the lots went wrong, by their number: kind, cause, way. */
    private const FAULTS = [
        3 => [DefectKind::ThinRecess, DefectCause::RecessLate, ReworkMethod::Recoat],
        9 => [DefectKind::Seeds, DefectCause::HookDirt, ReworkMethod::Recoat],
        14 => [DefectKind::Pinhole, DefectCause::MetalGas, ReworkMethod::Strip],
        20 => [DefectKind::ThinRecess, DefectCause::RecessLate, ReworkMethod::Recoat],
        24 => [DefectKind::Seeds, DefectCause::HookDirt, ReworkMethod::Accept],
        27 => [DefectKind::OrangePeel, DefectCause::HeavyFilm, ReworkMethod::Recoat],
        32 => [DefectKind::ThinRecess, DefectCause::HighVoltage, ReworkMethod::Recoat],
        38 => [DefectKind::Pinhole, DefectCause::MetalGas, ReworkMethod::Strip],
        44 => [DefectKind::SoftFilm, DefectCause::UnderCured, ReworkMethod::Rebake],
        50 => [DefectKind::ThinRecess, null, ReworkMethod::Recoat],
    ];

    /**
     * @param  array<string, Powder>  $powders
     * @param  array<string, Oven>  $ovens
     */
    public function __construct(
        private readonly User $owner,
        private readonly User $finisher,
        private readonly array $powders,
        private readonly array $ovens,
        private readonly DemoTime $time,
    ) {
    }

    public function lived(): void
    {
        Model::withoutEvents(function (): void {
            $n = 0;
            for ($job = 0; $job < self::JOBS; $job++) {
                $out = $this->time->morning(self::DAYS_APART * (self::JOBS - $job), 14, 40);
                $this->time->set($out);
                $of = $this->job($job, $out);
                for ($part = 0; $part < 3; $part++) {
                    $this->part($of, self::PARTS[($job + 2 * $part) % count(self::PARTS)], ++$n, $out);
                }
                $of->update(['status' => 'released']);
            }
        });
    }

    private function job(int $n, CarbonImmutable $out): Job
    {
        $customer = Customer::query()->firstOrCreate(['name' => self::CUSTOMERS[$n % count(self::CUSTOMERS)]]);

        return Job::query()->create([
            'number' => 941 + $n,
            'customer_id' => $customer->id,
            'title' => 'Yearly round, part '.($n + 1),
            'due_on' => $out->addDay(),
            'lives' => 'outdoors',
            'status' => 'open',
            'created_by' => $this->owner->id,
        ])->refresh();
    }

    /** @param  array{string, string, float, float, int, string, string}  $of */
    private function part(Job $job, array $of, int $n, CarbonImmutable $out): void
    {
        [$name, $metal, $mass, $area, $count, $powder, $made] = $of;
        $part = Part::query()->create([
            'job_id' => $job->id, 'name' => $name, 'count' => $count, 'metal' => $metal, 'mass_kg' => $mass,
            'area_m2' => $area, 'view_factor' => 0.8, 'made' => $made, 'paint_test' => 'none',
        ])->refresh();
        $batch = Batch::query()->create([
            'part_id' => $part->id, 'number' => 1, 'count' => $count, 'station' => Station::Release, 'status' => 'open',
            'born_at' => $out->subDays(2), 'user_id' => $this->owner->id,
        ])->refresh();
        $coat = Coat::query()->create([
            'part_id' => $part->id, 'position' => 1, 'powder_id' => $this->powders[$powder]->id, 'role' => 'base',
            'bake_to' => 'full',
        ])->refresh();
        $this->sprayed($batch, $coat, $n, $out->subHours(6));
        $this->baked($batch, $coat, $n, $out->subHours(4));
        $this->measured($batch, $coat, $n, $out->subHours(2));
        $this->wentWrong($batch, $coat, $n, $out->subHours(2));
        $this->ticked($batch, $out);
        $batch->update(['status' => 'released', 'ended_at' => $out]);
    }

    private function sprayed(Batch $batch, Coat $coat, int $n, CarbonImmutable $at): void
    {
        $humid = 42 + 9 * ($n % 5);
        Spraying::query()->create([
            'part_id' => $batch->part_id, 'batch_id' => $batch->id,
            'coat_id' => $coat->id, 'powder_id' => $coat->powder_id,
            'powder_lot_id' => $this->powderLot($coat, $n)->id, 'gun_id' => Gun::query()->min('id'),
            'pieces' => $batch->count, 'openness' => Openness::Casting,
            'planned_g' => 760, 'planned_um' => 75, 'planned_transfer' => 0.6, 'planned_minutes' => 30,
            'area_m2' => 2.4, 'charge_index' => 0.55, 'flow_g_min' => 110, 'gun_speed_mm_s' => 300, 'overlap' => 0.5,
            'ohm' => 40 + $n, 'humidity_pct' => $humid,
            'user_id' => $n % 3 === 0 ? $this->owner->id : $this->finisher->id, 'at' => $at, 'done_at' => $at,
            'done_by' => $this->finisher->id,
        ]);
    }

    /** Lots of the year before: used up by now. */
    private function powderLot(Coat $coat, int $n): PowderLot
    {
        $number = $n < 28 ? '25-0291' : '26-0107';

        return PowderLot::query()->firstOrCreate(['powder_id' => $coat->powder_id, 'number' => $number], [
            'kg' => 20, 'received_on' => '2025-11-01', 'finished_at' => CarbonImmutable::now(),
            'user_id' => $this->owner->id, 'at' => CarbonImmutable::now(),
        ]);
    }

    private function baked(Batch $batch, Coat $coat, int $n, CarbonImmutable $at): void
    {
        $oven = $this->ovens[$n % 3 === 0 ? 'small' : 'big'];
        $load = OvenLoad::query()->create([
            'kind' => LoadKind::Cure, 'oven_id' => $oven->id, 'status' => 'pulled', 'setpoint_c' => 205,
            'minutes' => 27, 'door_open_s' => 60, 'ambient_c' => 20, 'way' => TimingCriterion::Window, 'margin' => 0.1,
            'overbake_limit' => 0.85, 'created_by' => $this->finisher->id, 'shut_at' => $at,
            'shut_by' => $this->finisher->id, 'pulled_at' => $at->addMinutes(27), 'pulled_by' => $this->finisher->id,
        ])->refresh();
        $item = $load->items()->create([
            'batch_id' => $batch->id, 'part_id' => $batch->part_id, 'coat_id' => $coat->id, 'count' => $batch->count,
        ]);
        $dose = 1.35 + 0.12 * self::turn(3 * $n);
        OvenResult::query()->create([
            'oven_load_id' => $load->id, 'oven_load_item_id' => $item->id, 'part_id' => $batch->part_id,
            'batch_id' => $batch->id, 'coat_id' => $coat->id, 'dose' => round($dose, 3), 'overbake' => 0.42,
            'window_minutes' => 12.5, 'reaches_minutes' => 14.0, 'peak_c' => 199.0, 'metal_minutes' => 11.0,
            'fresh' => true, 'state' => CureState::Cured, 'handle_minutes' => 25, 'at' => $at->addMinutes(27),
        ]);
    }

    private function measured(Batch $batch, Coat $coat, int $n, CarbonImmutable $at): void
    {
        $powder = $coat->powder;
        $middle = ($powder->film_min_um + $powder->film_max_um) / 2;
        // Of late the black comes out heavier and heavier.
        $drifts = $powder->is($this->powders['black']) ? max(0, $n - 46) * 0.035 : 0.0;
        $mean = $middle * (1.0 + 0.05 * self::turn($n) + $drifts);
        $film = Inspection::query()->create([
            'coat_id' => $coat->id, 'batch_id' => $batch->id, 'kind' => 'film', 'band_from_um' => $powder->film_min_um,
            'band_to_um' => $powder->film_max_um, 'nominal_um' => $middle, 'way' => 'plain', 'source' => 'gauge',
            'verdict' => $mean < $powder->film_max_um - 3 ? 'pass' : 'fail', 'user_id' => $this->finisher->id,
            'at' => $at,
        ]);
        $film->readings()->createMany(array_map(fn (int $k): array => [
            'position' => $k,
            'microns' => round($mean + 3 * self::turn(7 * $n + $k), 1),
            'spot' => ['face', 'inside', 'far_side'][intdiv($k, 3)],
        ], range(0, 8)));
        Inspection::query()->create([
            'coat_id' => $coat->id, 'batch_id' => $batch->id, 'kind' => 'solvent_rub', 'rubs' => 50, 'rating' => 5,
            'pressure' => 'firm', 'solvent' => 'MEK', 'verdict' => 'pass', 'user_id' => $this->finisher->id,
            'at' => $at->addMinutes(20),
        ]);
    }

    private function wentWrong(Batch $batch, Coat $coat, int $n, CarbonImmutable $at): void
    {
        [$kind, $cause, $way] = self::FAULTS[$n] ?? [null, null, null];
        if ($kind === null) {
            return;
        }
        $defect = Defect::query()->create([
            'part_id' => $batch->part_id, 'batch_id' => $batch->id, 'coat_id' => $coat->id, 'kind' => $kind,
            'pieces' => 1 + $n % 3, 'user_id' => $this->finisher->id, 'at' => $at, 'cause' => $cause,
            'cause_by' => $cause === null ? null : $this->owner->id, 'cause_at' => $cause === null ? null : $at,
        ]);
        $accepted = $way === ReworkMethod::Accept;
        Rework::query()->create([
            'part_id' => $batch->part_id, 'batch_id' => $batch->id, 'defect_id' => $defect->id, 'way' => $way,
            'minutes' => $accepted ? 0 : 38, 'wait_minutes' => $accepted ? 0 : 55, 'powder_kg' => $accepted ? 0 : 0.2,
            'money' => $accepted ? 0 : 52, 'agreed_by' => $accepted ? 'W. Sandgren, town works yard' : null,
            'user_id' => $this->owner->id, 'at' => $at, 'closed_at' => $at->addHour(),
            'closed_by' => $this->owner->id,
        ]);
    }

    /** Every step of its route was done. */
    private function ticked(Batch $batch, CarbonImmutable $at): void
    {
        // Alike parts go alike ways: it is worked out once.
        $keys = $this->ways[$batch->part->name] ??= array_map(
            fn (StepKey $key): string => $key->text(),
            RoutingProgress::of($batch)->walk->keys,
        );
        DB::table('step_completions')->insert(array_map(fn (string $key): array => [
            'batch_id' => $batch->id, 'step' => $key, 'outcome' => 'done', 'source' => 'hand',
            'user_id' => $this->finisher->id, 'at' => $at->subHours(3)->format('Y-m-d H:i:s'),
        ], $keys));
    }

    /** A turn of chance from −1 to 1 that is the same every time. */
    private static function turn(int $n): float
    {
        return sin(12.9898 * ($n + 1)) * cos(4.1414 * $n);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Application\Openness;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\MovingRange;
use Aenum\Core\Trade\InspectorPolicy;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Application\Models\Spraying;
use App\Application\Queries\SprayStatistics;
use App\Catalog\Models\Gun;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Queries\DriftNotes;
use App\Inspection\ViewModels\ShopStatistics;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use Carbon\CarbonImmutable;
use Illuminate\Support\Once;

/** What the shop learns: shares with what they are of, drift said before parts fail, quoted where it is decided. */
final class StatisticsTest extends ShopTestCase
{
    private function out(Batch $batch): Batch
    {
        $batch->update(['status' => 'released', 'ended_at' => CarbonImmutable::now()]);

        return $batch;
    }

    /** A lot with film read on it, hung at Inspect. */
    private function measured(float $um): Batch
    {
        $part = $this->part($this->job(Station::Inspect), 'bench end', 24, 1.15, 1);
        $batch = $this->batch($part);
        $one = Inspection::query()->create([
            'coat_id' => $this->coat($part)->id, 'batch_id' => $batch->id, 'kind' => 'film', 'verdict' => 'pass',
            'band_from_um' => 60, 'band_to_um' => 90, 'nominal_um' => 75, 'way' => 'plain', 'source' => 'typed',
            'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
        ]);
        $one->readings()->createMany([
            ['position' => 0, 'microns' => $um - 2, 'spot' => null],
            ['position' => 1, 'microns' => $um + 2, 'spot' => null],
        ]);
        $this->later(30);

        return $batch;
    }

    private function sprayed(Batch $batch, Coat $coat, float $rawUm): Spraying
    {
        return Spraying::query()->create([
            'part_id' => $batch->part_id, 'batch_id' => $batch->id, 'coat_id' => $coat->id,
            'powder_id' => $coat->powder_id, 'powder_lot_id' => null, 'gun_id' => Gun::query()->min('id'),
            'pieces' => $batch->count, 'openness' => Openness::Casting,
            'planned_g' => 100, 'planned_um' => 75, 'planned_transfer' => 0.6, 'planned_minutes' => 5,
            'area_m2' => 1.15, 'charge_index' => 0.5, 'flow_g_min' => 110, 'gun_speed_mm_s' => 300, 'overlap' => 0.5,
            'ohm' => 30, 'humidity_pct' => 75, 'minutes' => 5, 'raw_um' => 75, 'raw_read_um' => $rawUm,
            'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(), 'done_at' => CarbonImmutable::now(),
        ]);
    }

    public function test_an_empty_shop_has_learned_nothing_and_says_so(): void
    {
        $this->actingAs($this->viewer)->get('/learn')->assertOk()->assertSee('Nothing was handed over within a year')
            ->assertSee('Nothing was measured twice yet');
    }

    public function test_a_share_stands_with_what_it_is_of_and_between_what_it_lies(): void
    {
        foreach (range(1, 10) as $n) {
            $batch = $this->out($this->batch($this->part($this->job(Station::Release))));
            if ($n <= 2) {
                $defect = Defect::query()->create([
                    'part_id' => $batch->part_id, 'batch_id' => $batch->id,
                    'kind' => DefectKind::Pinhole, 'pieces' => 1,
                    'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
                ]);
                $defect->reworks()->create([
                    'batch_id' => $batch->id, 'part_id' => $batch->part_id, 'way' => $n === 1 ? 'recoat' : 'accept',
                    'agreed_by' => 'B. Kallwit', 'minutes' => 20, 'wait_minutes' => 0, 'powder_kg' => 0, 'money' => 9,
                    'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
                ]);
            }
        }
        $board = ShopStatistics::now();
        // Wilson's interval of 9 of 10 at 95 %, by hand: 0.596 to 0.982.
        self::assertSame('9 of 10, 90 % (60 to 98 %)', $board->firstPass()?->words());
        self::assertSame('2 of 10, 20 % (6 to 51 %)', $board->byKind()[0]->words());
        self::assertSame([], $board->byCause(), 'nobody has confirmed one');
        Defect::query()->update(['cause' => 'metal_gas']);
        self::assertSame([1, 2], [count($board->byCause()), array_values($board->byCause())[0]]);
        // A year later it is of the past.
        $this->later(366 * 1440);
        self::assertNull(ShopStatistics::now()->firstPass());
    }

    public function test_a_person_is_only_told_apart_where_the_shop_chose_so(): void
    {
        foreach (range(1, 3) as $n) {
            $part = $this->part($this->job(Station::Release));
            $this->sprayed($this->out($this->batch($part)), $this->coat($part), 110);
        }
        self::assertSame(['Powder', 'Metal', 'Humidity as it was sprayed'], array_keys(ShopStatistics::now()->where()));
        (new Shop())->keepHouseWays(['person' => InspectorPolicy::ByPerson->value]);
        Once::flush();
        self::assertSame('Finisher', ShopStatistics::now()->where()['Person'][0]->name);
        self::assertSame('70 % and more', ShopStatistics::now()->where()['Humidity as it was sprayed'][0]->name);
    }

    public function test_drift_is_said_before_parts_fail(): void
    {
        foreach (range(1, MovingRange::TO_SET) as $n) {
            $this->measured($n % 2 === 0 ? 74 : 76);
        }
        self::assertSame([], DriftNotes::all(), 'the first ones set the limits');
        $batch = $this->measured(86);
        $note = 'Film of Promenade green drifts: the latest is above its upper limit, 115 % of the middle of its band';
        self::assertStringStartsWith($note, DriftNotes::all()[0]);
        self::assertSame('pass', Inspection::query()->latest('id')->firstOrFail()->verdict, 'nothing has failed yet');
        $this->actingAs($this->viewer)->get('/learn')->assertOk()->assertSee($note)->assertSee('Heed');
        $this->bakeable($batch);
        $this->get("/station/inspect?lot={$batch->id}")->assertOk()->assertSee('drifts');
    }

    /** Its coat is in the oven's ledger, so the bench has a stack to measure. */
    private function bakeable(Batch $batch): void
    {
        $batch->refresh()->update(['station' => Station::Cure]);
        $load = $this->hang($batch->part);
        $this->bakeFor($load, $load->minutes + 0.5);
        $batch->update(['station' => Station::Inspect]);
        $this->actingAs($this->viewer);
    }

    public function test_a_powder_s_shrinking_is_learned_from_what_was_read_raw_and_cured(): void
    {
        $book = $this->green->atTheGun()->curedUm(100);
        $told = fn (): float => 100.0 * SprayStatistics::uncuredFactor($this->green);
        self::assertEqualsWithDelta($book, $told(), 1e-9, 'nothing learned, the book\'s figure');
        foreach (range(1, 12) as $n) {
            $batch = $this->measured($book * 1.2);
            $this->sprayed($batch, $this->coat($batch->part), 100);
        }
        $learned = SprayStatistics::shrink($this->green)->factor;
        self::assertGreaterThan(1.1, $learned);
        self::assertLessThanOrEqual(1.2 + 1e-9, $learned, 'never past what was seen');
        self::assertEqualsWithDelta($book * $learned, $told(), 1e-9);
        // Blown off it was never that film.
        Spraying::query()->update(['blown_off_at' => CarbonImmutable::now()]);
        self::assertEqualsWithDelta($book, $told(), 1e-9);
    }

    public function test_what_went_wrong_last_time_is_said_at_the_counter_and_at_the_gun(): void
    {
        $part = $this->part($this->job(Station::Release, 'Spring'), 'lantern hood', 2.1, 0.24, 8, 'cast_aluminium');
        $batch = $this->batch($part);
        Defect::query()->create([
            'part_id' => $part->id, 'batch_id' => $batch->id, 'kind' => DefectKind::Pinhole, 'pieces' => 3,
            'cause' => 'metal_gas', 'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
        ]);
        $this->sprayed($this->out($batch), $this->coat($part), 110);
        $again = $this->part($this->job(Station::Coat, 'Autumn'), 'lantern hood', 2.1, 0.24, 8, 'cast_aluminium');
        $this->actingAs($this->viewer)->get("/parts/{$again->id}/bench")->assertOk()->assertSee('3 of 8');
        $this->get("/station/coat?lot={$this->batch($again)->id}")->assertOk()->assertSee('3 of 8');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Coat\Openness;
use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Inspect\MovingRange;
use Aenum\Core\Word\PersonWay;
use Aenum\Core\Word\Station;
use App\Actions\Coat\CoatTaught;
use App\Actions\Learn\LearnBoard;
use App\Actions\Learn\Notes;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Gun;
use App\Models\Inspection;
use App\Models\Lot;
use App\Models\Shop;
use App\Models\Spraying;
use Carbon\CarbonImmutable;
use Illuminate\Support\Once;

/** What the shop learns: shares with what they are of, drift said before parts fail, quoted where it is decided. */
final class LearnTest extends ShopTestCase
{
    private function out(Lot $lot): Lot
    {
        $lot->update(['fate' => 'released', 'ended_at' => CarbonImmutable::now()]);

        return $lot;
    }

    /** A lot with film read on it, hung at Inspect. */
    private function measured(float $um): Lot
    {
        $part = $this->part($this->job(Station::Inspect), 'bench end', 24, 1.15, 1);
        $lot = $this->lot($part);
        $one = Inspection::query()->create([
            'coat_id' => $this->coat($part)->id, 'lot_id' => $lot->id, 'kind' => 'film', 'verdict' => 'pass',
            'band_from_um' => 60, 'band_to_um' => 90, 'nominal_um' => 75, 'way' => 'plain', 'source' => 'typed',
            'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
        ]);
        $one->readings()->createMany([
            ['position' => 0, 'microns' => $um - 2, 'spot' => null],
            ['position' => 1, 'microns' => $um + 2, 'spot' => null],
        ]);
        $this->later(30);

        return $lot;
    }

    private function sprayed(Lot $lot, Coat $coat, float $rawUm): Spraying
    {
        return Spraying::query()->create([
            'part_id' => $lot->part_id, 'lot_id' => $lot->id, 'coat_id' => $coat->id,
            'powder_id' => $coat->powder_id, 'powder_lot_id' => null, 'gun_id' => Gun::query()->min('id'),
            'pieces' => $lot->count, 'openness' => Openness::Casting,
            'planned_g' => 100, 'planned_um' => 75, 'planned_transfer' => 0.6, 'planned_minutes' => 5,
            'area_m2' => 1.15, 'charge_index' => 0.5, 'flow_g_min' => 110, 'hand_mm_s' => 300, 'overlap' => 0.5,
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
            $lot = $this->out($this->lot($this->part($this->job(Station::Release))));
            if ($n <= 2) {
                $fault = Fault::query()->create([
                    'part_id' => $lot->part_id, 'lot_id' => $lot->id, 'kind' => FaultKind::Pinhole, 'pieces' => 1,
                    'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
                ]);
                $fault->reworks()->create([
                    'lot_id' => $lot->id, 'part_id' => $lot->part_id, 'way' => $n === 1 ? 'recoat' : 'accept',
                    'agreed_by' => 'B. Kallwit', 'minutes' => 20, 'wait_minutes' => 0, 'powder_kg' => 0, 'money' => 9,
                    'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
                ]);
            }
        }
        $board = LearnBoard::now();
        // Wilson's interval of 9 of 10 at 95 %, by hand: 0.596 to 0.982.
        self::assertSame('9 of 10, 90 % (60 to 98 %)', $board->firstPass()?->words());
        self::assertSame('2 of 10, 20 % (6 to 51 %)', $board->byKind()[0]->words());
        self::assertSame([], $board->byCause(), 'nobody has confirmed one');
        Fault::query()->update(['cause' => 'metal_gas']);
        self::assertSame([1, 2], [count($board->byCause()), array_values($board->byCause())[0]]);
        // A year later it is of the past.
        $this->later(366 * 1440);
        self::assertNull(LearnBoard::now()->firstPass());
    }

    public function test_a_person_is_only_told_apart_where_the_shop_chose_so(): void
    {
        foreach (range(1, 3) as $n) {
            $part = $this->part($this->job(Station::Release));
            $this->sprayed($this->out($this->lot($part)), $this->coat($part), 110);
        }
        self::assertSame(['Powder', 'Metal', 'Humidity as it was sprayed'], array_keys(LearnBoard::now()->where()));
        (new Shop())->keepHouseWays(['person' => PersonWay::ByPerson->value]);
        Once::flush();
        self::assertSame('Finisher', LearnBoard::now()->where()['Person'][0]->name);
        self::assertSame('70 % and more', LearnBoard::now()->where()['Humidity as it was sprayed'][0]->name);
    }

    public function test_drift_is_said_before_parts_fail(): void
    {
        foreach (range(1, MovingRange::TO_SET) as $n) {
            $this->measured($n % 2 === 0 ? 74 : 76);
        }
        self::assertSame([], Notes::all(), 'the first ones set the limits');
        $lot = $this->measured(86);
        $note = 'Film of Promenade green drifts: the latest is above its upper limit, 115 % of the middle of its band';
        self::assertStringStartsWith($note, Notes::all()[0]);
        self::assertSame('pass', Inspection::query()->latest('id')->firstOrFail()->verdict, 'nothing has failed yet');
        $this->actingAs($this->viewer)->get('/learn')->assertOk()->assertSee($note)->assertSee('Heed');
        $this->bakeable($lot);
        $this->get("/station/inspect?lot={$lot->id}")->assertOk()->assertSee('drifts');
    }

    /** Its coat is in the oven's ledger, so the bench has a stack to measure. */
    private function bakeable(Lot $lot): void
    {
        $lot->refresh()->update(['station' => Station::Cure]);
        $load = $this->hang($lot->part);
        $this->bakeFor($load, $load->minutes + 0.5);
        $lot->update(['station' => Station::Inspect]);
        $this->actingAs($this->viewer);
    }

    public function test_a_powder_s_shrinking_is_learned_from_what_was_read_raw_and_cured(): void
    {
        $book = $this->green->atTheGun()->curedUm(100);
        $told = fn (): float => 100.0 * CoatTaught::uncuredFactor($this->green);
        self::assertEqualsWithDelta($book, $told(), 1e-9, 'nothing learned, the book\'s figure');
        foreach (range(1, 12) as $n) {
            $lot = $this->measured($book * 1.2);
            $this->sprayed($lot, $this->coat($lot->part), 100);
        }
        $learned = CoatTaught::shrink($this->green)->factor;
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
        $lot = $this->lot($part);
        Fault::query()->create([
            'part_id' => $part->id, 'lot_id' => $lot->id, 'kind' => FaultKind::Pinhole, 'pieces' => 3,
            'cause' => 'metal_gas', 'user_id' => $this->finisher->id, 'at' => CarbonImmutable::now(),
        ]);
        $this->sprayed($this->out($lot), $this->coat($part), 110);
        $again = $this->part($this->job(Station::Coat, 'Autumn'), 'lantern hood', 2.1, 0.24, 8, 'cast_aluminium');
        $this->actingAs($this->viewer)->get("/parts/{$again->id}/bench")->assertOk()->assertSee('3 of 8');
        $this->get("/station/coat?lot={$this->lot($again)->id}")->assertOk()->assertSee('3 of 8');
    }
}

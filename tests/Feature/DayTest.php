<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Curing\Commands\RunOven;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Commands\PlanDay;
use App\Scheduling\Commands\PlanDayInBackground;
use App\Scheduling\Models\CalendarFeed;
use App\Scheduling\Models\DayPlan;
use App\Scheduling\Models\PlannedStep;
use App\Scheduling\Models\SchedulingPreference;
use App\Scheduling\Models\WorkHours;
use App\Scheduling\Queries\ShopHours;
use Carbon\CarbonImmutable;
use Illuminate\Cache\ArrayStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Sabre\VObject\Reader;

/** The plan of the day: made from the shop as it is, kept while it holds, heeding what is said to it. */
final class DayTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // A Tuesday morning.
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-11-03 08:00', 'Europe/Zurich'));
    }

    private function waiting(Station $at = Station::MaskAndHang, ?string $due = null): Batch
    {
        $job = $this->job($at);
        $job->update(['due_on' => $due]);

        return $this->batch($this->part($job));
    }

    private function plan(): DayPlan
    {
        return PlanDay::update();
    }

    public function test_steps_stand_in_order_within_the_hours_and_one_pair_of_hands_does_one_thing(): void
    {
        $batches = [$this->waiting(), $this->waiting(), $this->waiting(Station::Coat)];
        $plan = $this->plan();
        foreach ($batches as $batch) {
            $mine = $plan->steps->where('batch_id', $batch->id)->values();
            self::assertGreaterThan(1, $mine->count());
            foreach ($mine->skip(1)->values() as $n => $step) {
                self::assertTrue($step->from_at->gte($mine[$n]->to_at), "{$step->name} after {$mine[$n]->name}");
            }
        }
        foreach ($plan->steps->groupBy('user_id') as $hers) {
            $hers = $hers->unique(fn (PlannedStep $one): string => "{$one->oven_id} {$one->from_at}")->values();
            foreach ($hers->skip(1)->values() as $n => $step) {
                $busy = $hers[$n]->from_at->addMilliseconds((int) (60000 * $hers[$n]->hands_min) - 1000);
                self::assertTrue($step->from_at->gte($busy), "{$step->name} while {$hers[$n]->name}");
            }
            foreach ($hers as $step) {
                $local = ShopClock::local($step->from_at);
                $minute = 60 * $local->hour + $local->minute;
                self::assertLessThan(6, $local->dayOfWeekIso);
                self::assertTrue(($minute >= 450 && $minute < 720) || ($minute >= 780 && $minute < 1020));
            }
        }
        $page = $this->actingAs($this->viewer)->get('/day')->assertOk()->assertSee('The day, Tuesday 3 November');
        $page->assertSee('Every date is kept')->assertDontSee('Say something to the plan');
    }

    public function test_a_shop_with_more_than_three_months_of_work_has_a_day_all_the_same(): void
    {
        WorkHours::query()->delete();
        WorkHours::query()->create(['weekday' => 2, 'from_min' => 480, 'to_min' => 510]);
        $batches = array_map(fn (int $n): Batch => $this->waiting(Station::Inspect), range(1, 40));
        $plan = $this->plan();
        $planned = $plan->steps->pluck('batch_id')->unique();
        self::assertNotEmpty($planned);
        self::assertLessThan(count($batches), $planned->count());
        $this->actingAs($this->viewer)->get('/day')->assertOk()
            ->assertSee('finds no time in the hours there are')
            ->assertSee((count($batches) - $planned->count()).' lots find no time in the hours there are.')
            ->assertDontSee('Every date is kept');
    }

    public function test_a_plan_stands_until_something_is_done_and_then_says_what_moved(): void
    {
        $batch = $this->waiting(Station::Coat);
        foreach (range(1, 4) as $n) {
            $this->waiting();
        }
        $first = $this->plan();
        $other = $first->steps->unique('batch_id')->last()?->batch;
        self::assertNotNull($other);
        self::assertSame($first->id, $this->plan()->id);
        $this->later(20);
        $this->actingAs($this->finisher)->get('/day')->assertOk();
        $this->send('/day/preferences', ['lot' => $other->id, 'kind' => 'not_before', 'not_before' => '2026-11-05']);
        $second = $this->plan();
        self::assertNotSame($first->id, $second->id);
        $begins = $second->steps->where('batch_id', $other->id)->min('from_at');
        self::assertSame('2026-11-05', ShopClock::local($begins)->toDateString());
        $this->get('/day')->assertSee('beside the plan before')->assertSee("Job {$other->part->job->number}");
        // What is under way is neither moved nor given to another.
        $was = $first->steps->where('batch_id', $batch->id)->first();
        $is = $second->steps->where('batch_id', $batch->id)->first();
        self::assertEquals([$was->from_at, $was->user_id, true], [$is->from_at, $is->user_id, $is->begun]);
    }

    public function test_this_first_and_she_does_it_are_heeded_and_taken_back(): void
    {
        $batches = array_map(fn (int $n): Batch => $this->waiting(Station::Coat, due: '2026-11-03'), range(1, 6));
        $ends = $this->plan()->steps->groupBy('batch_id')->map(fn ($of) => $of->max('to_at'));
        $last = $ends->sortDesc()->keys()->first();
        $this->send('/day/preferences', ['lot' => $last, 'kind' => 'first'])->assertRedirect('/day');
        $this->send(
            '/day/preferences',
            ['lot' => $last, 'kind' => 'by', 'who' => $this->owner->id],
        )->assertRedirect('/day');
        $plan = $this->plan();
        $mine = $plan->steps->where('batch_id', $last);
        $hands = $mine->whereNotNull('user_id')->pluck('user_id')->unique()->values()->all();
        self::assertSame([$this->owner->id], $hands);
        $ends = $plan->steps->groupBy('batch_id')->map(fn ($of) => $of->max('to_at'));
        self::assertTrue($ends[$last]->lt($ends->max()), 'it was the last, and is not any more');
        // The same wish twice is one; taken back it is none.
        $this->send('/day/preferences', ['lot' => $last, 'kind' => 'first']);
        self::assertSame(1, SchedulingPreference::query()->where('kind', 'first')->whereNull('withdrawn_at')->count());
        foreach (SchedulingPreference::query()->whereNull('withdrawn_at')->get() as $wish) {
            $this->send("/scheduling-preferences/{$wish->id}/withdraw", []);
        }
        self::assertSame(0, SchedulingPreference::query()->whereNull('withdrawn_at')->count());
        $this->send('/day/preferences', ['lot' => $batches[0]->id, 'kind' => 'by'])->assertSessionHasErrors([
            'who' => 'Done by is not picked; pick who does it.',
        ]);
        $this->send(
            '/day/preferences',
            ['lot' => $batches[0]->id, 'kind' => 'not_before', 'not_before' => '2026-11-01'],
        )
            ->assertSessionHasErrors('not_before');
    }

    public function test_one_rack_holds_one_load_from_hanging_to_its_last_bake(): void
    {
        $batches = [$this->waiting(), $this->waiting(), $this->waiting()];
        $this->actingAs($this->owner)->get('/hours')->assertSee('Racks or carts');
        $this->send('/hours', ['hours' => [2 => '7:30-17:00'], 'racks' => '0'], $this->owner, 'PUT')
            ->assertSessionHasErrors('racks');
        $hours = array_fill(1, 5, '7:30-17:00');
        $this->send('/hours', ['hours' => $hours, 'racks' => '1'], $this->owner, 'PUT')->assertSessionHasNoErrors();
        $held = [];
        foreach ($batches as $batch) {
            $mine = PlanDay::update()->steps->where('batch_id', $batch->id);
            $held[] = [
                $mine->first(fn (PlannedStep $one): bool => str_contains($one->name, 'hang'))?->from_at,
                $mine->whereNotNull('oven_id')->max('to_at'),
            ];
        }
        sort($held);
        self::assertNotNull($held[0][0]);
        self::assertTrue($held[1][0]?->gte($held[0][1]) && $held[2][0]?->gte($held[1][1]));
    }

    public function test_looking_at_the_plan_never_plans_but_asks_a_worker_for_a_newer_one(): void
    {
        $this->waiting(Station::Coat);
        Queue::fake();
        $asked = fn (): int => Queue::pushed(PlanDayInBackground::class)->count();
        $page = $this->actingAs($this->finisher)->get('/day')->assertOk();
        $page->assertSee('The first plan is being made')->assertSee('It stands here in a few seconds');
        foreach (['/day/mine', '/day/sheet'] as $path) {
            $this->get($path)->assertOk();
        }
        self::assertSame(0, DayPlan::query()->count());
        self::assertSame(1, $asked(), 'one waits, however many look');

        $plan = $this->plan();
        $this->get('/day')->assertOk()->assertDontSee('a newer plan is being made');
        self::assertSame(1, $asked());

        // Older than what was written: it is shown, and stays until the worker has the next.
        $late = $this->waiting(Station::Coat);
        $this->get('/day')->assertOk()->assertSee('a newer plan is being made')
            ->assertSee('Planned '.ShopClock::time($plan->made_at));
        self::assertSame($plan->id, DayPlan::standing()?->id);
        $job = Queue::pushed(PlanDayInBackground::class)->first();
        $job->handle();
        self::assertNotSame($plan->id, DayPlan::standing()?->id);
        self::assertNotEmpty(DayPlan::standing()->steps->where('batch_id', $late->id));
        $this->get('/day')->assertDontSee('a newer plan is being made');

        // Nobody writes, but what is late is looked at again.
        $this->later(9);
        $this->get('/day')->assertDontSee('a newer plan is being made');
        $this->later(1);
        $this->get('/day')->assertSee('a newer plan is being made');
    }

    public function test_what_is_written_asks_for_a_plan_once_it_is_kept(): void
    {
        $batch = $this->waiting(Station::Coat);
        $this->plan();
        Queue::fake();
        // Without the lock of what was asked for while the shop was set up.
        $store = Cache::getStore();
        self::assertInstanceOf(ArrayStore::class, $store);
        $store->locks = [];
        $this->send('/day/preferences', ['lot' => 999_999, 'kind' => 'first'])->assertSessionHasErrors('lot');
        Queue::assertNothingPushed();
        $this->send('/day/preferences', ['lot' => $batch->id, 'kind' => 'first'])->assertSessionHasNoErrors();
        Queue::assertPushed(PlanDayInBackground::class, 1);
        self::assertSame(15, Queue::pushed(PlanDayInBackground::class)->first()->delay);
        $this->send('/day/anew')->assertRedirect('/day');
        Queue::assertPushed(PlanDayInBackground::class, fn (PlanDayInBackground $job): bool => $job->delay === null);
    }

    public function test_a_shop_in_which_nothing_hangs_has_an_empty_day(): void
    {
        $this->plan();
        $this->actingAs($this->finisher)->get('/day')->assertOk()->assertSee('Nothing is to be planned');
        $this->get('/day/mine')->assertOk()->assertSee('Nothing more is planned');
        $this->get('/day/sheet')->assertOk();
        $this->get('/day/what-if')->assertOk();
        self::assertSame($this->plan()->id, $this->plan()->id);
    }

    public function test_who_goes_home_does_nothing_until_back(): void
    {
        foreach (range(1, 5) as $n) {
            $this->waiting(Station::Coat);
        }
        $this->plan();
        $away = ['who' => $this->owner->id, 'from' => '2026-11-03T10:00', 'until' => '2026-11-03T17:00'];
        $this->send('/day/away', $away)->assertRedirect('/day');
        $from = ShopClock::parse('2026-11-03T10:00');
        $until = ShopClock::parse('2026-11-03T17:00');
        foreach ($this->plan()->steps->where('user_id', $this->owner->id) as $step) {
            $ends = $step->from_at->addMilliseconds((int) (60000 * $step->hands_min));
            self::assertTrue($ends->lte($from->addSecond()) || $step->from_at->gte($until), $step->name);
        }
        $this->send('/day/away', ['until' => $away['from']] + $away)->assertSessionHasErrors('until');
    }

    public function test_an_oven_is_cold_in_the_morning_and_warm_from_the_bake_before(): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-11-03 07:30', 'Europe/Zurich'));
        $this->oven->update(['minutes_to_200' => 50]);
        $batches = [$this->waiting(Station::Cure), $this->waiting(Station::Cure)];
        $batches[1]->part->update(['mass_kg' => 60]);
        $bakes = $this->plan()->steps->whereNotNull('oven_id')->sortBy('from_at')->values();
        self::assertSame('08:20', ShopClock::hour($bakes[0]->from_at));
        $isShared = $bakes[1]->from_at->eq($bakes[0]->from_at);
        $apart = $bakes[1]->from_at->diffInMinutes($bakes[0]->to_at, true);
        self::assertTrue($isShared || $apart < 30, "the second waits for no other heating up: {$apart}");
        Shop::current()->update(['ovens_overnight' => true]);
        self::assertSame('07:30', ShopClock::hour(
            PlanDay::update(fromScratch: true)->steps->whereNotNull('oven_id')->min('from_at'),
        ));
    }

    public function test_an_oven_that_bakes_takes_nothing_until_its_load_is_out(): void
    {
        $bake = $this->hang($this->part($this->job()));
        (new RunOven())->shut($bake, $this->finisher);
        $bake->refresh();
        $this->later(1);
        $other = $this->waiting(Station::Cure);
        $plan = $this->plan();
        $out = $bake->shut_at?->addMinutes((int) $bake->minutes);
        $step = $plan->steps->where('batch_id', $other->id)->whereNotNull('oven_id')->first();
        self::assertNotNull($step);
        self::assertTrue($step->from_at->addSeconds(2)->gte($out));
        $inside = $plan->steps->where('batch_id', $bake->items->first()?->batch_id)->first();
        self::assertNotNull($inside);
        self::assertTrue($inside->from_at->addSeconds(2)->gte($out), 'what is in it goes on when it is out');
    }

    public function test_what_is_late_is_said_with_its_reason_and_ways_out(): void
    {
        $batch = $this->waiting(Station::MaskAndHang, due: '2026-11-02');
        $this->plan();
        $page = $this->actingAs($this->finisher)->get('/day')->assertOk();
        $page->assertSee('One lot will be late')->assertSee("Job {$batch->part->job->number}")->assertSee('Ways out');
        $this->get("/day/late/{$batch->id}")->assertOk()->assertSee('Promise it for later');
        $calm = $this->waiting();
        $this->get("/day/late/{$calm->id}")->assertSee('nothing was promised for it');
    }

    public function test_a_calendar_reads_it_by_an_address_that_can_be_closed(): void
    {
        $this->waiting();
        $plan = $this->plan();
        foreach ([
            ['person', $plan->steps->where('user_id', $this->finisher->id)->count()],
            ['shop', null],
            ['oven', $plan->steps->where('oven_id', $this->oven->id)->unique('from_at')->count()],
        ] as [$kind, $events]) {
            $answer = $this->send('/calendar-feeds', ['kind' => $kind, 'oven' => $this->oven->id]);
            $address = parse_url((string) session('feed'), PHP_URL_PATH);
            $this->post('/sign-out');
            $text = (string) $this->get((string) $address)->assertOk()
                ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
            $calendar = Reader::read($text);
            self::assertSame('', implode(array_column($calendar->validate(), 'message')));
            $found = count($calendar->select('VEVENT'));
            $events === null ? self::assertGreaterThan(2, $found) : self::assertSame(max(1, $events), $found);
            self::assertDoesNotMatchRegularExpression('~[^\r\n]{76,}~', $text, 'lines are folded');
            $feed = CalendarFeed::query()->latest('id')->firstOrFail();
            self::assertStringNotContainsString($feed->mark, (string) $address);
            $this->send("/calendar-feeds/{$feed->id}/withdraw", []);
            $this->get((string) $address)->assertNotFound();
        }
        $this->get('/calendar/'.str_repeat('a', 43).'.ics')->assertNotFound();
    }

    public function test_hours_are_read_as_written_and_a_wrong_one_is_named(): void
    {
        $this->actingAs($this->owner)->get('/hours')->assertOk()->assertSee('7:30-12:00, 13:00-17:00');
        $put = fn (string $tuesday): \Illuminate\Testing\TestResponse => $this->put('/hours', [
            'hours' => [2 => $tuesday], 'ovens_overnight' => '1',
        ]);
        foreach (['25:00-26:00', '9-5', '12:00-9:00', '8:00-12:00, 11:00-13:00', '8:61-9:00'] as $wrong) {
            $put($wrong)->assertSessionHasErrors('hours.2');
        }
        $put('6:00-24:00')->assertSessionHasNoErrors();
        self::assertSame([[2, 360, 1440]], WorkHours::query()->whereNull('user_id')->get()
            ->map(fn (WorkHours $one): array => [$one->weekday, $one->from_min, $one->to_min])->all());
        self::assertTrue(Shop::query()->findOrFail(1)->ovens_overnight);
        $this->put("/hours/{$this->finisher->id}", ['hours' => [2 => '8:00-9:00'], 'works_at' => ['coat']]);
        $this->waiting(Station::MaskAndHang);
        $hers = PlanDay::update(fromScratch: true)->steps->where('user_id', $this->finisher->id);
        self::assertSame([], $hers->reject(fn (PlannedStep $one): bool => $one->station === Station::Coat)->all());
    }

    /** On the last Sunday of March the clocks go from 2 to 3, on that of October from 3 to 2. */
    public function test_a_day_on_which_the_clocks_change_has_its_true_length(): void
    {
        Shop::current()->update(['timezone' => 'Europe/Zurich']);
        WorkHours::query()->create(['weekday' => 7, 'from_min' => 60, 'to_min' => 300]);
        foreach (['2027-03-28' => 180.0, '2027-10-31' => 300.0, '2027-04-04' => 240.0] as $sunday => $minutes) {
            $origin = CarbonImmutable::parse($sunday, 'Europe/Zurich')->utc();
            [[$from, $to]] = ShopHours::from($origin, 1)->ofShop()->open;
            self::assertSame([60.0, 60.0 + $minutes], [$from, $to], $sunday);
        }
    }

    public function test_what_if_answers_and_leaves_nothing(): void
    {
        $batch = $this->waiting();
        $this->plan();
        $before = [Job::query()->count(), Part::query()->count(), Batch::query()->count(), DayPlan::query()->count()];
        $part = $batch->part_id;
        $page = $this->actingAs($this->viewer)->get("/day/what-if?part={$part}&count=6&due=2026-11-20");
        $page->assertOk()->assertSee('Done ')->assertSee('nobody is late by it');
        $this->get("/day/what-if?part={$part}&count=6&due=2026-11-02")->assertSee('after the date wished for');
        $this->get("/day/what-if?part={$part}&count=0")->assertSessionHasErrors('count');
        self::assertSame($before, [
            Job::query()->count(), Part::query()->count(), Batch::query()->count(), DayPlan::query()->count(),
        ]);
    }

    public function test_what_was_wished_first_is_not_called_late_by_what_might_come(): void
    {
        $batch = $this->waiting(Station::Coat, '2026-11-20');
        $this->send('/day/preferences', ['lot' => $batch->id, 'kind' => 'first']);
        $this->plan();
        $page = $this->actingAs($this->finisher)->get('/day')->assertOk()->assertSee('Every date is kept');
        $page->assertDontSee('no plan has less than');
        $this->get("/day/what-if?part={$batch->part_id}&count=2")->assertOk()->assertSee('nobody is late by it');
        $this->send('/day/preferences', ['lot' => $this->waiting(due: '2026-11-02')->id, 'kind' => 'first']);
        $this->plan();
        $this->get('/day')->assertSee('how little it could be is not known');
    }

    public function test_my_day_begins_with_what_is_next_by_the_clock_i_read(): void
    {
        $this->waiting(Station::Coat);
        $who = $this->plan()->steps->first()?->user;
        self::assertNotNull($who);
        $this->actingAs($who)->get('/day/mine')->assertSee('08:00 at')->assertSee('To the bench');
        $who->update(['clock' => '12']);
        $this->actingAs($who->refresh())->get('/day/mine')->assertSee('8:00 am at');
        $this->get('/day/sheet')->assertOk()->assertSee($who->name);
        $this->get('/day?on=2026-11-04')->assertOk()->assertSee('Wednesday 4 November');
        $this->get('/day?on=nonsense')->assertOk()->assertSee('Tuesday 3 November');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Intake\Models\Job;
use App\Routing\Models\BatchEvent;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class ShopBoardTest extends ShopTestCase
{
    public function test_a_lot_walks_its_route_signed_at_every_station(): void
    {
        $this->send('/jobs', [
            'customer' => 'Chapel keepers',
            'title' => 'Weather-vane arms',
            'due_on' => '2026-12-08',
        ]);
        $job = Job::query()->firstOrFail();
        self::assertSame(Station::Intake, $job->station);
        $part = $this->part($job, 'vane arm', 1.8, 0.16, 4, 'carbon_steel');
        $batch = $this->batch($part);
        $seen = [Station::Intake];
        for ($moves = 0; $batch->station !== Station::Cure && $moves < 12; $moves++) {
            $to = RoutingProgress::of($batch)->nextStation();
            $this->excuse($batch, $to);
            $this->send("/batches/{$batch->id}/go", [
                'seen_at' => $batch->station->value,
                'then' => 'on',
                'note' => "done at {$batch->station->value}",
            ])->assertSessionHasNoErrors();
            $batch = $this->batch($part);
            self::assertSame($to, $batch->station);
            $seen[] = $to;
        }
        // No way off is needed on bare sheet: Strip is not on its route, and nobody is sent there.
        self::assertSame(
            [Station::Intake, Station::Blast, Station::Wash, Station::MaskAndHang, Station::Coat, Station::Cure],
            $seen,
        );
        self::assertSame(1 + 2 * (count($seen) - 1), BatchEvent::query()->where('job_id', $job->id)->count());
        $page = $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}")
            ->assertOk();
        $page->assertSee('done at blast')->assertSee('Signed at Blast')->assertSee('Finisher');
        $this->actingAs($this->viewer)->get('/')->assertOk()->assertSee('Weather-vane arms');
    }

    public function test_sending_back_needs_a_reason_and_a_stale_page_moves_nothing(): void
    {
        $batch = $this->batch($this->part($this->job(Station::Inspect)));
        $this->excuse($batch, Station::Release);
        $send = fn (array $in) => $this->send("/batches/{$batch->id}/send", $in + ['seen_at' => 'inspect']);
        $send(['to' => 'blast'])->assertSessionHasErrors('note');
        $send(['to' => 'inspect', 'note' => 'x'])->assertSessionHasErrors('to');
        $send(['to' => 'nowhere', 'note' => 'x'])->assertSessionHasErrors('to');
        self::assertSame(Station::Inspect, $batch->refresh()->station);
        $send(['to' => 'blast', 'note' => 'soft on the foot'])->assertSessionHasNoErrors();
        $send(['to' => 'release', 'note' => 'from a page left open'])->assertSessionHasErrors('station');
        self::assertSame(Station::Blast, $batch->refresh()->station);
        $this->actingAs($this->viewer)
            ->get("/jobs/{$batch->part->job_id}")
            ->assertSee('Returned to Blast')
            ->assertSee('soft on the foot');
    }

    public function test_sending_twice_does_one_thing(): void
    {
        $batch = $this->batch($this->part($this->job(Station::Blast)));
        $once = (string) Str::uuid();
        $stay = ['seen_at' => 'blast', 'then' => 'stay', '_once' => $once];
        $first = $this->send("/batches/{$batch->id}/go", $stay);
        $again = $this->send("/batches/{$batch->id}/go", $stay);
        self::assertSame(1, BatchEvent::query()->where('kind', 'signed')->count());
        self::assertSame($first->headers->get('Location'), $again->headers->get('Location'));
        $this->send("/batches/{$batch->id}/go", $stay, $this->owner)->assertStatus(409);
    }

    public function test_a_refused_form_keeps_its_token_and_what_was_typed(): void
    {
        $once = (string) Str::uuid();
        $this->from('/jobs/create')
            ->send('/jobs', ['customer' => '', 'title' => 'Mooring cleats', '_once' => $once])
            ->assertRedirect('/jobs/create')
            ->assertSessionHasErrors('customer');
        self::assertSame('Mooring cleats', session()->getOldInput('title'));
        $this->send('/jobs', [
            'customer' => 'Lake boating club',
            'title' => 'Mooring cleats',
            '_once' => $once,
        ])->assertSessionHasNoErrors();
        self::assertSame(1, Job::query()->count());
        self::assertSame(1, DB::table('idempotency_tokens')->count());
    }

    public function test_the_rail_counts_what_hangs_and_what_is_late(): void
    {
        $late = $this->job(Station::Strip);
        $late->update(['due_on' => '2026-11-20']);
        $this->part($late);
        $this->part($this->job(Station::Strip));
        $page = (string) $this->actingAs($this->viewer)->get('/station/strip')->assertOk()->getContent();
        self::assertMatchesRegularExpression('~Strip</span>.*?2 ?<span class="font-medium"> ?· 1 late~s', $page);
        $this->actingAs($this->viewer)->get('/station/nowhere')->assertNotFound();
    }

    public function test_find_by_number_customer_and_part(): void
    {
        $job = $this->job(title: 'Bench ends, promenade');
        $this->part($job, 'curved arm');
        $this->powder('Lamp black', [[180, 15, null]])->update(['lot' => '26-0388']);
        foreach (
            [
                (string) $job->number,
                'promen',
                'parks',
                'curved',
                'prommenade',
                'bnech ends',
                'ends curvd',
                'promenade green',
                'garden',
            ] as $asked
        ) {
            $this->actingAs($this->viewer)
                ->get('/find?q='.$asked)
                ->assertOk()
                ->assertSee('Bench ends, promenade');
        }
        $this->actingAs($this->viewer)->get('/find?q=prommenade')->assertSee('Taken to mean: promenade');
        $this->actingAs($this->viewer)->get('/find?q=%00%ff')->assertOk();
        foreach (['%25', 'bench+zebra', '999999'] as $nothing) {
            $this->actingAs($this->viewer)
                ->get('/find?q='.$nothing)
                ->assertOk()
                ->assertSee('Nothing by that name');
        }
    }
}

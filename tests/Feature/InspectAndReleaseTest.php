<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Queries\RoutingProgress;

final class InspectAndReleaseTest extends ShopTestCase
{
    /** @return array{Job, Part} a job at Inspect, baked for so many minutes */
    private function baked(float $minutes = 36): array
    {
        $job = $this->job();
        $part = $this->part($job);
        $bake = $this->hang($part);
        $bake->update(['setpoint_c' => 205]);
        $this->bakeFor($bake, $minutes);
        $this->cooled();
        $this->hangAt($job, Station::Inspect);

        return [$job->refresh(), $part];
    }

    /** @return array{batch: int} */
    private function on(Part $part): array
    {
        return ['lot' => $this->batch($part)->id];
    }

    public function test_film_is_judged_against_the_sheet_and_every_finding_stays(): void
    {
        [$job, $part] = $this->baked();
        $coat = $this->coat($part);
        $this->send("/coats/{$coat->id}/film", $this->on($part) + ['readings' => "68 74\n71, 95"])
            ->assertSessionHasNoErrors();
        $this->send("/coats/{$coat->id}/film", $this->on($part) + ['readings' => '68 74 71 80'])
            ->assertSessionHasNoErrors();
        self::assertSame(['fail', 'pass'], Inspection::query()->orderBy('id')->pluck('verdict')->all());
        $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}")
            ->assertSee('4 readings, mean 73.3 µm, least 68 µm, most 80 µm')
            ->assertSee('most 95 µm');
        $this->finisher->update(['unit_system' => 'us']);
        $this->send(
            "/coats/{$coat->id}/film",
            $this->on($part) + ['readings' => '2.8 3.0 2.9'],
            $this->finisher->refresh(),
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            71.12,
            (float) Inspection::query()->latest('id')->firstOrFail()->film()?->least,
            0.01,
        );
        foreach (['', 'thick', '70 -3', '70 0'] as $nonsense) {
            $this->send("/coats/{$coat->id}/film", $this->on($part) + ['readings' => $nonsense])
                ->assertSessionHasErrors('readings');
        }
    }

    public function test_a_failed_rub_stops_the_release_until_it_is_baked_and_rubbed_again(): void
    {
        [$job, $part] = $this->baked();
        $coat = $this->coat($part);
        $this->send("/coats/{$coat->id}/film", $this->on($part) + ['readings' => '70 71 72']);
        $this->send("/coats/{$coat->id}/solvent-rub", $this->on($part) + [
            'rubs' => 50,
            'rating' => 1,
            'solvent' => 'MEK',
        ])->assertSessionHasNoErrors();
        $batch = $this->batch($job);
        $on = ['seen_at' => 'inspect', 'to' => 'release'];
        $this->send("/batches/{$batch->id}/send", $on)->assertRedirect("/batches/{$batch->id}/leave?to=release");
        $this->send("/batches/{$batch->id}/release")->assertSessionHasErrors('release');
        self::assertStringContainsString('undercured by test', session('errors')->first('release'));
        // Another rub is no bake: it goes back in, and only then is rubbed again.
        $this->send("/batches/{$batch->id}/send", ['seen_at' => 'inspect', 'to' => 'cure'])->assertSessionHasNoErrors();
        $this->later(600);
        self::assertFalse(
            RoutingProgress::of($batch->refresh())->pause()->isLate(),
            'baked powder waits for no first bake',
        );
        $again = $this->hang($part);
        $this->bakeFor($again, $again->minutes + 2);
        $this->cooled();
        $this->send("/batches/{$batch->id}/send", ['seen_at' => 'cure', 'to' => 'inspect'])->assertSessionHasNoErrors();
        $rub = ['rubs' => 50, 'rating' => 4, 'solvent' => 'MEK'];
        $this->send("/coats/{$coat->id}/solvent-rub", $this->on($part) + $rub)->assertSessionHasNoErrors();
        self::assertSame(2, Inspection::query()->where('kind', 'solvent_rub')->count(), 'every rub stays on record');
        $this->look($batch->refresh());
        $this->excuse($batch->refresh(), Station::Release);
        $this->send("/batches/{$batch->id}/send", $on)->assertSessionHasNoErrors();
        $this->later(120);
        $this->look($batch->refresh());
        $this->send("/batches/{$batch->id}/release", ['note' => ''])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$job->id}/record");
        self::assertSame('released', $job->refresh()->status);
        $this->send("/batches/{$this->batch($job)->id}/send", [
            'seen_at' => 'release',
            'to' => 'cure',
            'note' => 'x',
        ])->assertSessionHasErrors('job');
        $this->send("/coats/{$coat->id}/film", $this->on($part) + ['readings' => '70'])
            ->assertSessionHasErrors('station');
        $this->send("/jobs/{$job->id}/parts", [
            'name' => 'late part',
            'count' => 1,
            'metal' => 'brass',
            'mass_kg' => 1,
            'area_m2' => 1,
            'view_factor' => 0.8,
        ])->assertSessionHasErrors('job');
    }

    public function test_open_points_need_a_reason_and_unbaked_coats_stop(): void
    {
        [$job] = $this->baked();
        $this->excuse($this->batch($job), Station::Release);
        $this->hangAt($job, Station::Release);
        $this->actingAs($this->finisher)
            ->get('/station/release')
            ->assertSee('no solvent rub recorded');
        $this->send("/batches/{$this->batch($job)->id}/release")->assertSessionHasErrors('note');
        $this->send("/batches/{$this->batch($job)->id}/release", [
            'note' => 'Measured by the customer.',
        ])->assertSessionHasNoErrors();
        $raw = $this->job(Station::Release);
        $this->part($raw);
        $this->send(
            "/batches/{$this->batch($raw)->id}/release",
            ['note' => 'hurry'],
        )->assertSessionHasErrors('release');
        [$soft] = $this->baked(15);
        $this->hangAt($soft, Station::Release);
        $this->send(
            "/batches/{$this->batch($soft)->id}/release",
            ['note' => 'hurry'],
        )->assertSessionHasErrors('release');
    }

    public function test_the_record_holds_parts_curve_findings_and_signatures(): void
    {
        [$job, $part] = $this->baked();
        $this->send("/coats/{$this->coat($part)->id}/film", $this->on($part) + ['readings' => '70 71 72']);
        $record = $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}/record")
            ->assertOk();
        self::assertSame(
            substr_count((string) $record->getContent(), '<polyline'),
            substr_count(
                (string) $this->actingAs($this->viewer)
                    ->get("/jobs/{$job->id}/record")
                    ->getContent(),
                '<polyline',
            ),
            'the kept picture is the picture',
        );
        $this->viewer->update(['unit_system' => 'us']);
        $this->actingAs($this->viewer->refresh())
            ->get("/jobs/{$job->id}/record")
            ->assertSee('400°');
        $record
            ->assertSee('2 × bench end')
            ->assertSee('fully cured')
            ->assertSee('3 readings')
            ->assertSee('class="own-curve"', false)
            ->assertSee('Taken in')
            ->assertSee('curve by the model');
    }

    public function test_a_powder_that_never_stands_solvent_is_not_judged_by_it(): void
    {
        $clear = $this->powder('Shore clear', [[170, 20, 60]], false);
        $job = $this->job();
        $part = $this->part($job, 'vane arm', 1.8, 0.16, 4, 'bronze', [['clear', $clear, 'full']]);
        $this->hangAt($job, Station::Inspect);
        $this->send("/coats/{$this->coat($part)->id}/solvent-rub", $this->on($part) + [
            'rubs' => 25,
            'rating' => 1,
            'solvent' => 'MEK',
        ]);
        self::assertSame('not_judged', Inspection::query()->firstOrFail()->verdict);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Thermal\Oven as HeatOven;
use Aenum\Core\Thermal\Simulation;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLog;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Queries\OvenLogs;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

final class LoggerTest extends ShopTestCase
{
    private function pulled(): OvenLoad
    {
        return $this->bakeFor($this->hang($this->part($this->job(), 'bench end')), 45);
    }

    /** @param  array<string, mixed>  $with */
    private function upload(OvenLoad $bake, string $csv, array $with = []): TestResponse
    {
        return $this->actingAs($this->finisher)->post(
            "/bakes/{$bake->id}/logs",
            $with + ['log' => UploadedFile::fake()->createWithContent('rack.csv', $csv), 'begins' => '0'],
        );
    }

    /** The bake as a weaker fan would have had it. */
    private function curves(OvenLoad $bake, float $fan): string
    {
        $load = BakeModelFactory::from($bake);
        $o = $load->oven;
        $run = (new Simulation(
            HeatOven::of(
                $o->heaterKw,
                $o->bandK,
                $o->airKjPerK,
                $o->shellKjPerK,
                $o->airToShellWPerK,
                $o->shellLossWPerK,
                $o->ventWPerK,
                $o->doorWPerK,
                $o->convectionWPerM2K * $fan,
                $o->maxC,
            ),
            $load->items(),
            $load->schedule(),
        ))->run(3000);
        $csv = "time;oven °C;Bench-end °C;spare °C\n";
        for ($s = 0; $s <= 2700; $s += 60) {
            $csv .= sprintf(
                "%02d:%02d:00;%s;%s;20\n",
                intdiv($s, 3600),
                intdiv($s, 60) % 60,
                str_replace('.', ',', sprintf('%.1f', $run->airC(60 + $s))),
                str_replace('.', ',', sprintf('%.1f', $run->coreC(0, 60 + $s))),
            );
        }

        return $csv;
    }

    public function test_a_logger_is_judged_and_teaches_the_oven(): void
    {
        $bake = $this->pulled();
        self::assertNull(OvenLogs::of($this->oven)->fit());
        $this->upload($bake, $this->curves($bake, 0.7))->assertSessionHasNoErrors();
        self::assertSame(
            ['air', $bake->items()->firstOrFail()->id.'-0', null],
            array_column(OvenLog::query()->firstOrFail()->columns, 'in'),
        );
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertOk()
            ->assertSee('By the logger')
            ->assertSee('Bench-end')
            ->assertSee('not known: name the column as the part');
        $fit = OvenLogs::of($this->oven)->fit();
        self::assertNotNull($fit);
        self::assertEqualsWithDelta(
            0.7,
            $fit->figures['convection_w_per_m2k']['to'] / $this->oven->convection_w_per_m2k,
            0.05,
        );
        self::assertLessThan($fit->residualBeforeK / 3, $fit->residualAfterK);
        $this->actingAs($this->owner)
            ->get("/ovens/{$this->oven->id}/edit")
            ->assertOk()
            ->assertSee('What its logged bakes say')
            ->assertSee('Take these figures');
        $this->send("/ovens/{$this->oven->id}/fit", [], $this->finisher)->assertForbidden();
        $this->send("/ovens/{$this->oven->id}/fit", [], $this->owner)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            $fit->figures['convection_w_per_m2k']['to'],
            $this->oven->refresh()->convection_w_per_m2k,
            0.01,
        );
        $was = $this->oven->taught()?->was['convection_w_per_m2k'] ?? 0.0;
        self::assertEqualsWithDelta(0.7, $this->oven->convection_w_per_m2k / $was, 0.05);
        $next = $this->hang($this->part($this->job(), 'arm'));
        $page = $this->actingAs($this->viewer)->get("/bakes/{$next->id}");
        $page->assertSee('learned from one log, the latest of')->assertDontSee('No log has taught');
        // Taken once more they stay what they are; somebody's own figures are not learned; before the logs is before.
        $this->send("/ovens/{$this->oven->id}/fit", [], $this->owner)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($was, $this->oven->refresh()->taught()?->was['convection_w_per_m2k'], 1e-9);
        $this->send("/ovens/{$this->oven->id}/forget", [], $this->finisher)->assertForbidden();
        $this->send("/ovens/{$this->oven->id}/forget", [], $this->owner)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($was, $this->oven->refresh()->convection_w_per_m2k, 1e-9);
        self::assertNull($this->oven->taught());
        $this->send("/ovens/{$this->oven->id}/forget", [], $this->owner)->assertSessionHasErrors('fit');
        $this->actingAs($this->viewer)->get("/bakes/{$next->id}")->assertSee('No log has taught this oven');
        $this->send('/bake-logs/'.OvenLog::query()->firstOrFail()->id.'/withdraw')->assertSessionHasNoErrors();
        self::assertNull(OvenLogs::of($this->oven)->fit());
    }

    public function test_the_simulated_logger_is_a_file_like_any_other(): void
    {
        $bake = $this->pulled();
        $this->send("/bakes/{$bake->id}/logs", ['simulated' => '1'])->assertSessionHasNoErrors();
        $fit = OvenLogs::of($this->oven)->fit();
        self::assertNotNull($fit);
        self::assertLessThan(1.0, $fit->residualAfterK, 'its couples lag, and that is found');
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('air');
        // What logs teach moves the model, never the oven the stand-ins measure.
        $this->send("/ovens/{$this->oven->id}/fit", [], $this->owner)->assertSessionHasNoErrors();
        $taught = $this->oven->refresh();
        self::assertNotEqualsWithDelta($taught->model(), $taught->asGuessed()->model(), 1e-9);
    }

    public function test_what_cannot_be_read_is_named_and_nothing_is_kept(): void
    {
        $bake = $this->pulled();
        foreach (["time,air\n0,hot\n", "time,left,right\n0,20,20\n60,30,30\n", '', "\x00\xFF\x00"] as $csv) {
            $this->upload($bake, $csv)->assertSessionHasErrors('log');
        }
        $this->upload($bake, "time,air\n0,20\n60,30\n", ['begins' => 'noon'])->assertSessionHasErrors('begins');
        $this->send("/bakes/{$bake->id}/logs")->assertSessionHasErrors('log');
        $planned = $this->hang($this->part($this->job(), 'arm'));
        $this->upload($planned, "time,air\n0,20\n60,30\n")->assertSessionHasErrors('log');
        self::assertSame(0, OvenLog::query()->count());
        $this->send("/ovens/{$this->oven->id}/fit", [], $this->owner)->assertSessionHasErrors('fit');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Route\Station;
use App\Actions\Cure\BakeBoard;
use App\Models\Bake;
use App\Models\Job;
use App\Models\Oven;
use App\Models\Powder;
use App\Models\Shop;
use App\Models\User;
use Database\Seeders\DemoShop;

final class DemoShopTest extends ShopTestCase
{
    public function test_the_demo_shop_opens_every_page_in_both_units(): void
    {
        $this->artisan('migrate:fresh', ['--force' => true]);
        $this->seed(DemoShop::class);
        $mara = User::query()->where('role', 'owner')->firstOrFail();
        foreach (['metric', 'us'] as $system) {
            $mara->update(['unit_system' => $system]);
            $pages = ['/', '/find?q=lantern', '/jobs/create', '/powders', '/powders/create', '/ovens', '/ovens/create', '/shop', '/people', '/metal', '/rules', '/library', '/practice', '/practice/refill', '/practice/checklist'];
            foreach (Station::cases() as $station) {
                $pages[] = "/station/{$station->slug()}";
            }
            foreach (Job::query()->with('parts')->get() as $job) {
                array_push($pages, "/jobs/{$job->id}", "/jobs/{$job->id}/edit", "/jobs/{$job->id}/record", "/jobs/{$job->id}/parts/create", ...$job->parts->flatMap(fn ($part): array => array_map(fn (string $page): string => "/parts/{$part->id}/{$page}", ['edit', 'route', 'bench', 'pins', 'agreement'])), ...["/jobs/{$job->id}/card"]);
            }
            foreach (Bake::query()->pluck('id') as $id) {
                array_push($pages, "/bakes/{$id}", "/bakes/{$id}/board");
            }
            array_push($pages, ...Powder::query()->pluck('id')->map(fn (int $id): string => "/powders/{$id}/edit"), ...Oven::query()->pluck('id')->map(fn (int $id): string => "/ovens/{$id}/edit"));
            foreach ($pages as $page) {
                $answer = $this->actingAs($mara->refresh())->get($page);
                self::assertSame(200, $answer->getStatusCode(), $page);
                $system === 'us' && ! str_starts_with($page, '/practice') && $this->nothingMetric((string) $answer->getContent(), $page);
            }
        }
        $running = Bake::query()->where('status', 'running')->firstOrFail();
        self::assertNotNull(BakeBoard::of($running)->outlook->bestPull());
        self::assertSame(1, Job::query()->where('status', 'released')->count());
    }

    /** What the app itself says is in the reader's units; what a person typed stays as typed. */
    private function nothingMetric(string $html, string $page): void
    {
        $text = html_entity_decode(strip_tags((string) preg_replace('~<(script|style|option)[^>]*>.*?</\1>~s', '', $html)));
        $text = str_ireplace('old chip in the skirt, 30 mm', '', $text);
        self::assertDoesNotMatchRegularExpression('/\d ?(°C|mm|kg|bar|µm|m²|m³\/min)(?![\p{L}\/²])/u', $text, $page);
    }

    public function test_the_demo_clock_moves_only_in_the_demo(): void
    {
        config(['app.demo' => false]);
        $this->send('/demo-clock', ['minutes' => 5])->assertNotFound();
        config(['app.demo' => true]);
        $this->send('/demo-clock', ['minutes' => 5])->assertSessionHasNoErrors();
        self::assertSame(300, Shop::query()->firstOrFail()->clock_ahead_s);
        $this->send('/demo-clock', ['minutes' => -5])->assertSessionHasErrors('minutes');
    }

    public function test_migrations_can_be_undone_and_done_again(): void
    {
        $this->artisan('migrate:rollback', ['--force' => true]);
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        self::assertSame(0, User::query()->count());
    }
}

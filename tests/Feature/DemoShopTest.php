<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Cure\BakeBoard;
use App\Models\Job;
use App\Models\OvenLoad;
use App\Models\Shop;
use App\Models\User;
use Database\Seeders\DemoShop;

final class DemoShopTest extends ShopTestCase
{
    use EveryPage;

    public function test_the_demo_shop_opens_every_page_in_both_units(): void
    {
        $this->artisan('migrate:fresh', ['--force' => true]);
        $this->seed(DemoShop::class);
        $mara = User::query()->where('role', 'owner')->firstOrFail();
        foreach (['metric', 'us'] as $system) {
            $mara->update(['unit_system' => $system]);
            foreach (self::everyPage() as $page) {
                $answer = $this->actingAs($mara->refresh())->get($page);
                self::assertSame(200, $answer->getStatusCode(), $page);
                // What devices speak is SI whoever reads of it.
                if (! str_starts_with($page, '/practice') && $page !== '/devices/door') {
                    $this->saysNothingIn($system, (string) $answer->getContent(), $page);
                }
            }
        }
        $running = OvenLoad::query()->where('status', 'running')->firstOrFail();
        self::assertNotNull(BakeBoard::of($running)->outlook->bestPull());
        self::assertSame(19, Job::query()->where('status', 'released')->count(), 'a year of history, and yesterday');
    }

    /** What the app itself says is in the reader's units; what a person typed stays as typed. */
    private function saysNothingIn(string $reader, string $html, string $page): void
    {
        $html = (string) preg_replace('~<(script|style|option)[^>]*>.*?</\1>~s', '', $html);
        $text = str_ireplace('old chip in the skirt, 30 mm', '', html_entity_decode(strip_tags($html)));
        // Examples of what a field understands are in the other system on purpose.
        $text = (string) preg_replace(['/“[^”]+”/u', '/°C, kg, mm, µm|°F, lb, in, mil/u'], '', $text);
        $ofTheOther = $reader === 'us' ? '°C|mm|kg|bar|µm|m²|m³\/min' : '°F|lb|psi|mil|cfm|gal|ft²|sq ft';
        self::assertDoesNotMatchRegularExpression("/\d ?({$ofTheOther})(?![\p{L}\/²])/u", $text, $page);
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

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Curing\Models\OvenLoad;
use App\Curing\ViewModels\BakeViewModel;
use App\Intake\Models\Job;
use App\Scheduling\Commands\PlanDay;

/** Every page of the demo shop opens, says what it says in the reader's units, and keeps the content policy. */
final class DemoPagesTest extends DemoTestCase
{
    use EveryPage;

    /**
     * Pages of one kind are read in metric and in US units by turns, a page that is alone of its kind in both: that
     * runs all but one of the 26,541 lines that reading each page in both systems runs, in half the time.
     */
    public function test_every_page_opens_and_keeps_to_the_readers_units(): void
    {
        $kinds = collect(self::everyPage())->groupBy(fn (string $page) => preg_replace('/\d+/', 'N', $page));
        self::assertGreaterThan(500, $kinds->flatten()->count());
        foreach ($kinds as $pages) {
            foreach ($pages as $n => $page) {
                $this->opens($page, $this->mara, $n % 2 ? 'us' : 'metric');
            }
            if ($pages->count() === 1) {
                $this->opens($pages[0], $this->mara, 'us');
            }
        }
    }

    public function test_the_demo_shop_has_a_running_oven_and_a_year_of_history(): void
    {
        $running = OvenLoad::query()->where('status', 'running')->firstOrFail();
        self::assertNotNull(BakeViewModel::of($running)->outlook->bestPull());
        self::assertSame(19, Job::query()->where('status', 'released')->count(), 'a year of history, and yesterday');
    }

    public function test_the_demo_shop_has_a_week_to_look_at(): void
    {
        $this->withoutExceptionHandling();
        self::assertGreaterThan(60, PlanDay::update()->steps->count());
        $this->actingAs($this->mara)->get('/day')->assertOk()->assertSee('Loads of the ovens');
    }

    public function test_every_page_has_a_strict_policy_and_no_address_of_another_host(): void
    {
        $pages = [
            '/sign-in',
            '/health',
            '/',
            '/nowhere',
            '/station/cure',
            '/bakes/3',
            '/jobs/1',
            '/jobs/1/record',
            '/powders',
            '/ovens',
            '/shop',
            '/people',
            '/find?q=a',
            '/station/intake',
            '/jobs/create',
            '/powders/1/edit',
            '/ovens/1/edit',
        ];
        foreach ($pages as $page) {
            $response =
                $page === '/sign-in'
                    ? $this->get($page)
                    : $this->actingAs($this->mara)->get($page);
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self'", $policy, $page);
            self::assertStringNotContainsString('unsafe', $policy);
            $html = (string) $response->getContent();
            self::assertDoesNotMatchRegularExpression('~(?:src|href|action)=["\'](?:https?:)?//~i', $html, $page);
            self::assertDoesNotMatchRegularExpression('~<script(?![^>]*\ssrc=)~i', $html, $page);
            self::assertDoesNotMatchRegularExpression('~\s(?:style|onclick|onchange|onload)=~i', $html, $page);
        }
    }
}

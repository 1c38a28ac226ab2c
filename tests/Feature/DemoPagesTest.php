<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Cure\BakeBoard;
use App\Actions\Day\PlanOfDay;
use App\Models\Job;
use App\Models\OvenLoad;

/** Every page of the demo shop opens, says what it says in the reader's units, and keeps the content policy. */
final class DemoPagesTest extends DemoTestCase
{
    use EveryPageInOneSystem;

    public function test_the_demo_shop_opens_every_page_in_metric_units(): void
    {
        $this->opensEveryPageIn('metric', '°F|lb|psi|mil|cfm|gal|ft²|sq ft');
    }

    public function test_the_demo_shop_has_a_running_oven_and_a_year_of_history(): void
    {
        $running = OvenLoad::query()->where('status', 'running')->firstOrFail();
        self::assertNotNull(BakeBoard::of($running)->outlook->bestPull());
        self::assertSame(19, Job::query()->where('status', 'released')->count(), 'a year of history, and yesterday');
    }

    public function test_the_demo_shop_has_a_week_to_look_at(): void
    {
        $this->withoutExceptionHandling();
        $this->actingAs($this->mara)->get('/day')->assertOk()->assertSee('Loads of the ovens');
        self::assertGreaterThan(60, PlanOfDay::standing()->steps->count());
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

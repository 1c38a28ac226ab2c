<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Cure\BakeBoard;
use App\Actions\Day\PlanOfDay;
use App\Models\Job;
use App\Models\OvenLoad;
use PHPUnit\Framework\Attributes\TestWith;

/** Every page of the demo shop opens, says what it says in the reader's units, and keeps the content policy. */
final class DemoPagesTest extends DemoTestCase
{
    use EveryPage;

    /** Pages are opened in so many parts, so that a parallel run shares them out. */
    private const PARTS = 4;

    #[TestWith(['metric', 0])]
    #[TestWith(['metric', 1])]
    #[TestWith(['metric', 2])]
    #[TestWith(['metric', 3])]
    #[TestWith(['us', 0])]
    #[TestWith(['us', 1])]
    #[TestWith(['us', 2])]
    #[TestWith(['us', 3])]
    public function test_the_demo_shop_opens_every_page_in_both_units(string $system, int $part): void
    {
        $this->mara->update(['unit_system' => $system]);
        $opened = 0;
        foreach (self::everyPage() as $n => $page) {
            if ($n % self::PARTS !== $part) {
                continue;
            }
            $answer = $this->actingAs($this->mara->refresh())->get($page);
            self::assertSame(200, $answer->getStatusCode(), $page);
            // What devices speak is SI whoever reads of it.
            if (! str_starts_with($page, '/practice') && $page !== '/devices/door') {
                $this->saysNothingIn($system, (string) $answer->getContent(), $page);
            }
            $opened++;
        }
        self::assertGreaterThan(80, $opened);
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

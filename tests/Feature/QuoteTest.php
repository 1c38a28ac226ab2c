<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Quoting\LineKind;
use Aenum\Core\Routing\Step;
use App\Accounts\Models\Shop;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Quoting\Models\Quote;
use App\Quoting\Models\QuoteLine;
use App\Quoting\Queries\QuotePart;
use App\Quoting\Queries\ShopTerms;
use App\Routing\Commands\ChangeRoute;
use App\Routing\Queries\PartRoute;
use Illuminate\Testing\TestResponse;

/** A quote from intake to the answer, and what the work took beside it. */
final class QuoteTest extends ShopTestCase
{
    private Job $quoted;

    protected function setUp(): void
    {
        parent::setUp();
        Shop::current()->update(['price_hour' => 78, 'price_powder_kg' => 14, 'price_media_kg' => 1.1]);
        $this->quoted = $this->job();
        $this->part($this->quoted, count: 8);
    }

    /** @param  array<string, mixed>  $of */
    private function write(array $of = []): TestResponse
    {
        return $this->send("/jobs/{$this->quoted->id}/quotes", $of + ['valid_until' => '2026-12-20']);
    }

    private function told(): Quote
    {
        return Quote::query()->latest('id')->firstOrFail();
    }

    public function test_it_is_worked_out_line_by_line_and_by_count(): void
    {
        $page = $this->actingAs($this->viewer)->get("/jobs/{$this->quoted->id}/quote")->assertOk();
        $page->assertSee('Mask and hang')->assertSee('Oven')->assertSee('min by the book for 8 pieces');
        $page->assertSee('kWh')->assertSee('shared, however many there are')->assertDontSee('Write the quote');
        foreach (['1 ', '8 ', '80 '] as $count) {
            $page->assertSee('<b class="num">'.trim($count).'</b>', false);
        }
        $page->assertSee('is a guess, not a measure');
    }

    public function test_another_count_goes_by_the_same_minutes_also_on_a_route_a_person_changed(): void
    {
        $part = $this->quoted->parts()->firstOrFail();
        $minutes = fn (int $count): float => PartRoute::of($part->refresh())->atCount($count)->handMinutes();
        self::assertEqualsWithDelta(PartRoute::of($part)->minutes(), $minutes(8), 1e-9);
        $laid = array_map($minutes, [1, 8, 80]);
        $steps = PartRoute::of($part)->steps;
        ChangeRoute::write($part, array_map(fn (Step $one): Step => $one->taking(2 * $one->minutes), $steps));
        foreach ([1, 8, 80] as $n => $count) {
            self::assertEqualsWithDelta(2 * $laid[$n], $minutes($count), 1e-6);
        }
    }

    public function test_it_is_numbered_worded_printed_and_its_figures_stay(): void
    {
        $this->write()->assertSessionHasNoErrors();
        $quote = $this->told();
        self::assertSame(501, $quote->number);
        self::assertEqualsWithDelta($quote->total, $quote->lines->sum('money'), 1e-6);
        $this->get("/quotes/{$quote->id}")->assertOk()->assertSee('Quote 501')->assertSee('What is done')
            ->assertSee('What will still show')->assertSee('valid until 20 Dec 2026');
        $pdf = (string) $this->get("/quotes/{$quote->id}/quote.pdf")->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $pdf));
        Shop::current()->update(['price_hour' => 156]);
        self::assertSame($quote->total, $this->told()->total);
        $this->write(['set_price' => '900']);
        self::assertSame([502, 900.0], [$this->told()->number, $this->told()->price()]);
        self::assertGreaterThan($quote->total, $this->told()->total);
        $this->get('/quotes?q=Parks')->assertSee('Quote 501')->assertSee('Quote 502');
        $this->get('/quotes?q=502')->assertDontSee('Quote 501');
    }

    public function test_an_answer_is_by_name_once_and_ends_the_job_s_other_quotes(): void
    {
        $this->write();
        $first = $this->told();
        $this->write();
        $second = $this->told();
        $answer = fn (Quote $to, string $what, string $name = 'R. Pell'): TestResponse => $this->send(
            "/quotes/{$to->id}/answer",
            ['answer' => $what, 'name' => $name],
        );
        $answer($second, 'accepted', '')->assertSessionHasErrors('name');
        $answer($second, 'accepted')->assertSessionHasNoErrors();
        self::assertSame(['declined', 'accepted'], [$first->refresh()->state, $second->refresh()->state]);
        $answer($second, 'declined')->assertSessionHasErrors('name');
        $answer($first, 'accepted')->assertSessionHasErrors('name');
        self::assertSame('accepted by R. Pell', $second->refresh()->stateWords(ShopClock::today()->toDateString()));
        $this->get("/quotes/{$second->id}")->assertDontSee('Turned down</button>', false);
    }

    public function test_a_quote_lapses_after_its_last_day_and_not_on_it(): void
    {
        $this->write(['valid_until' => '2026-11-24']);
        $quote = $this->told();
        $this->later(37 * 60);
        self::assertTrue($quote->isOpen(ShopClock::today()->toDateString()), 'the evening of its last day');
        $this->later(2 * 60);
        self::assertSame('lapsed', $quote->stateWords(ShopClock::today()->toDateString()));
        Shop::current()->update(['timezone' => 'America/Los_Angeles']);
        self::assertTrue($quote->isOpen(ShopClock::today()->toDateString()), 'where its last day is not over');
        Shop::current()->update(['timezone' => 'Europe/Zurich']);
        $this->send("/quotes/{$quote->id}/answer", ['answer' => 'accepted', 'name' => 'R. Pell'])
            ->assertSessionHasErrors('name');
        $this->write(['valid_until' => '2026-11-01'])->assertSessionHasErrors('valid_until');
    }

    public function test_what_it_took_is_kept_beside_it_and_learned(): void
    {
        $this->write();
        $line = $this->told()->lines->firstWhere('kind', LineKind::Mask);
        self::assertNotNull($line);
        self::assertSame([], ShopTerms::learned());
        $this->send("/quote-lines/{$line->id}/took", ['took' => '0'])->assertSessionHasErrors('took');
        $this->send("/quote-lines/{$line->id}/took", ['took' => (string) (2 * $line->planned_min)]);
        $this->get("/quotes/{$line->quote_id}")->assertSee('took');
        // One log counts 1 / 1.96.
        self::assertEqualsWithDelta(2 ** (1 / 1.96), ShopTerms::learned()['mask']->factor, 1e-6);
        $this->write();
        $next = $this->told()->lines->firstWhere('kind', LineKind::Mask);
        self::assertEqualsWithDelta(2 ** (1 / 1.96) * $line->planned_min, $next->minutes ?? 0, 1e-6);
        self::assertEqualsWithDelta($line->planned_min, $next->planned_min ?? 0, 1e-9);
        self::assertSame(1, QuoteLine::query()->whereNotNull('actual_min')->count());
    }

    public function test_a_job_that_is_only_blasted_is_quoted_and_says_so(): void
    {
        $job = $this->job();
        $part = $this->part($job, 'bare bracket', coats: []);
        $part->traits()->create(['kind' => 'on_it', 'word' => 'rust']);
        $this->actingAs($this->finisher)->get("/jobs/{$job->id}/quote")->assertOk()->assertSee('no coat is chosen')
            ->assertSee('Blast')->assertDontSee('kg of powder');
        $this->send("/jobs/{$job->id}/quotes", ['valid_until' => '2026-12-20'])->assertSessionHasNoErrors();
        $this->get("/quotes/{$this->told()->id}")->assertSee('No coat.');
        self::assertNull($this->told()->lines->firstWhere('kind', LineKind::Coat));
    }

    public function test_unknown_metal_has_two_prices_and_no_quote_is_told(): void
    {
        $part = $this->quoted->parts()->firstOrFail();
        $part->update(['metal' => 'something', 'area_m2' => 1.2, 'count' => 2]);
        $this->actingAs($this->finisher)->get("/jobs/{$this->quoted->id}/quote")->assertOk()
            ->assertSee('if it is steel')->assertSee('if it is aluminium');
        $prices = array_map(fn ($one): float => $one->asked()->minutes(), QuotePart::byMetal($part->refresh()));
        self::assertGreaterThan($prices['if it is steel'], $prices['if it is aluminium']);
        $this->write()->assertSessionHasErrors('quote');
        self::assertSame(0, Quote::query()->count());
    }

    public function test_a_policy_that_refuses_keeps_the_quote_from_being_told(): void
    {
        $this->part($this->quoted, 'old rim');
        $part = $this->quoted->parts()->where('name', 'old rim')->firstOrFail();
        $part->traits()->create(['kind' => 'on_it', 'word' => 'plating']);
        $this->write()->assertSessionHasErrors(['quote' => 'Old rim is not taken: Plated parts, a piece: the shop '
            .'does not take it.']);
        $this->send('/quote-policies', ['policy_way' => ['plated' => 'at'], 'policy_figure' => ['plated' => '9']])
            ->assertForbidden();
        $this->send('/quote-policies', [
            'policy_way' => ['plated' => 'at'], 'policy_figure' => ['plated' => '9'],
        ], $this->owner)->assertSessionHasNoErrors();
        $this->write()->assertSessionHasNoErrors();
        $extra = $this->told()->lines->where('part_id', $part->id)->firstWhere('kind', LineKind::Extra);
        self::assertSame(18.0, $extra?->money);
        $this->send('/quote-policies', [
            'policy_way' => ['plated' => 'perhaps'],
        ], $this->owner)->assertSessionHasErrors('policy_way.plated');
    }
}

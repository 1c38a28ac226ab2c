<?php

declare(strict_types=1);

namespace App\Quoting\Http\Controllers;

use Aenum\Core\Quoting\Policy;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Quoting\Commands\IssueQuote;
use App\Quoting\Models\Quote;
use App\Quoting\Models\QuoteLine;
use App\Quoting\Models\QuotePolicy;
use App\Quoting\ViewModels\QuotePdf;
use App\Quoting\ViewModels\QuoteViewModel;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** Quotes: computed, issued, answered, compared with actual times. */
final class QuoteController
{
    use RequiresUser;

    /** A quote is good for so many days where nobody says otherwise. House figure. */
    private const GOOD_DAYS = 30;

    private static function today(): string
    {
        return ShopClock::today()->toDateString();
    }

    public function index(Request $request): View
    {
        $quotes = Quote::query()->with(['job.customer'])->orderByDesc('id');
        $find = trim((string) $request->string('q'));
        if ($find !== '') {
            $quotes->whereHas('job', fn ($job) => $job->where('title', 'like', "%{$find}%")
                ->orWhereHas('customer', fn ($who) => $who->where('name', 'like', "%{$find}%")))
                ->orWhere('number', $find);
        }

        return view('quoting.index', [
            'quotes' => $quotes->limit(200)->get(),
            'find' => $find,
            'today' => self::today(),
        ]);
    }

    public function show(Job $job): View
    {
        return view('quoting.show', [
            'board' => QuoteViewModel::of($job),
            'today' => self::today(),
            'until' => ShopClock::today()->addDays(self::GOOD_DAYS)->toDateString(),
        ]);
    }

    public function store(Request $request, Job $job): RedirectResponse
    {
        $in = $request->validate([
            'valid_until' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.ShopClock::today()->toDateString()],
            'set_price' => ['nullable', 'numeric', 'between:0,10000000'],
        ]);
        $quote = (new IssueQuote())(
            $job,
            CarbonImmutable::parse($in['valid_until'], 'UTC'),
            isset($in['set_price']) ? (float) $in['set_price'] : null,
            $this->person($request),
        );

        return redirect("/quotes/{$quote->id}")->with('said', "Quote {$quote->number} is written down as it is told.");
    }

    public function told(Quote $quote): View
    {
        $quote->loadMissing(['job.customer', 'lines.part', 'maker']);

        return view('quoting.told', [
            'quote' => $quote,
            'byPart' => $quote->lines->groupBy('part_id'),
            'today' => self::today(),
        ]);
    }

    public function pdf(Quote $quote): Response
    {
        return response(QuotePdf::of($quote->loadMissing('job.customer')), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"quote-{$quote->number}.pdf\"",
        ]);
    }

    public function answer(Request $request, Quote $quote): RedirectResponse
    {
        $in = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'answer' => ['required', Rule::in(['accepted', 'declined'])],
        ]);
        IssueQuote::answer($quote, $in['answer'] === 'accepted', $in['name']);

        return redirect("/quotes/{$quote->id}")->with('said', 'Written down.');
    }

    public function took(Request $request, QuoteLine $line): RedirectResponse
    {
        $in = $request->validate(['took' => ['required', 'numeric', 'gt:0', 'max:10080']]);
        IssueQuote::took($line, (float) $in['took'], $this->person($request));

        return redirect("/quotes/{$line->quote_id}")->with('said', 'Written down; the next quote learns from it.');
    }

    public function policies(): View
    {
        return view('quoting.policies', [
            'policies' => Policy::cases(),
            'ways' => QuotePolicy::query()->get()->keyBy('policy')->all(),
        ]);
    }

    public function keepPolicies(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'policy_way' => ['array'],
            'policy_way.*' => [Rule::in(['off', 'refuse', 'at'])],
            'policy_figure' => ['array'],
            'policy_figure.*' => ['nullable', 'numeric', 'between:0,1000000'],
        ]);
        foreach (Policy::cases() as $policy) {
            $way = $in['policy_way'][$policy->value] ?? null;
            if ($way !== null) {
                QuotePolicy::query()->updateOrCreate(['policy' => $policy->value], [
                    'way' => $way,
                    'figure' => $way === 'at' ? (float) ($in['policy_figure'][$policy->value] ?? 0) : null,
                ]);
            }
        }

        return redirect('/quote-policies')->with('said', 'Saved. Quotes made from now on go by it.');
    }
}

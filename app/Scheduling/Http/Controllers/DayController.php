<?php

declare(strict_types=1);

namespace App\Scheduling\Http\Controllers;

use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Scheduling\Commands\ChangeDay;
use App\Scheduling\Commands\PlanDayInBackground;
use App\Scheduling\Models\Absence;
use App\Scheduling\Models\CalendarFeed;
use App\Scheduling\Models\SchedulingPreference;
use App\Scheduling\Queries\CalendarEvents;
use App\Scheduling\Queries\LateOptionsQuery;
use App\Scheduling\Queries\StandingPlan;
use App\Scheduling\Queries\WhatIf;
use App\Scheduling\ViewModels\DayViewModel;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;

/** The day plan: the shop's, one's own, on paper, as calendar feeds; and what the plan has to respect. */
final class DayController
{
    use RequiresUser;

    public function show(Request $request): View
    {
        return view('scheduling.show', [
            'board' => $this->board($request),
            'wishes' => DayViewModel::wishes(),
            'away' => self::absences(),
            'people' => self::hands(),
            'ovens' => Oven::inUse()->sortBy('name')->pluck('name', 'id')->all(),
            'feeds' => self::feeds(),
            'tomorrow' => ShopClock::today()->addDay()->toDateString(),
            'now' => ShopClock::typed(ShopClock::now()),
            'night' => ShopClock::typed(ShopClock::now()->addHours(8)),
        ]);
    }

    /** The plan that stands, shown at once; where the shop has changed since, a newer one is asked for. */
    private function board(Request $request): DayViewModel
    {
        $standing = StandingPlan::read();
        $standing->isCurrent() ? null : PlanDayInBackground::now();

        return DayViewModel::of($standing, $this->day($request));
    }

    public function mine(Request $request): View
    {
        $who = User::query()->find($request->integer('who')) ?? $this->person($request);
        $board = $this->board($request);

        return view('scheduling.mine', [
            'board' => $board,
            'who' => $who,
            'steps' => $board->ofPerson($who->id),
            'people' => self::hands(),
        ]);
    }

    public function sheet(Request $request): View
    {
        return view('scheduling.sheet', ['board' => $this->board($request)]);
    }

    public function waysOut(Batch $batch): View
    {
        return view('scheduling.ways', ['batch' => $batch, 'ways' => LateOptionsQuery::of($batch)]);
    }

    /** Take this job in? When would it be done? */
    public function whatIf(Request $request): View
    {
        $in = $request->validate([
            'part' => ['nullable', 'integer', Rule::exists('parts', 'id')],
            'count' => ['nullable', 'integer', 'between:1,5000'],
            'due' => ['nullable', 'date_format:Y-m-d'],
        ]);
        $like = Part::query()->with('job')->find((int) ($in['part'] ?? 0));
        $due = isset($in['due']) ? CarbonImmutable::parse($in['due'], 'UTC') : null;

        return view('scheduling.what-if', [
            'parts' => WhatIf::parts(),
            'like' => $like,
            'count' => $in['count'] ?? $like?->count,
            'due' => $in['due'] ?? '',
            'answer' => $like === null ? null : WhatIf::taken($like, (int) ($in['count'] ?? $like->count), $due),
        ]);
    }

    public function replan(): RedirectResponse
    {
        PlanDayInBackground::now(fromScratch: true);

        return redirect('/day')->with('said', 'It is planned again, from nothing but what has begun.');
    }

    public function wish(Request $request): RedirectResponse
    {
        $today = ShopClock::today()->toDateString();
        $in = $request->validate([
            'lot' => ['required', 'integer', Rule::exists('batches', 'id')],
            'kind' => ['required', Rule::in(['first', 'not_before', 'by'])],
            'not_before' => ['nullable', 'required_if:kind,not_before', 'date_format:Y-m-d', "after_or_equal:{$today}"],
            'who' => ['nullable', 'required_if:kind,by', Rule::in(array_keys(self::hands()))],
        ], ['who.required_if' => 'Done by is not picked; pick who does it.']);
        $batch = Batch::query()->with('part.batches')->findOrFail((int) $in['lot']);
        $preference = ChangeDay::wish(
            $batch,
            $in['kind'],
            $this->person($request),
            $in['kind'] === 'by' ? (int) $in['who'] : null,
            $in['kind'] === 'not_before' ? CarbonImmutable::parse($in['not_before'], 'UTC') : null,
        );

        return redirect('/day')->with(
            'said',
            ucfirst($batch->partName()).": {$preference->words()}. The plan heeds it.",
        );
    }

    public function unwish(Request $request, SchedulingPreference $preference): RedirectResponse
    {
        $preference->withdrawn_at === null && $preference->withdraw($this->person($request), ShopClock::now());

        return redirect('/day')->with('said', 'Taken back. The plan goes without it.');
    }

    public function away(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'who' => ['required', Rule::in(array_keys(self::hands()))],
            'from' => ['required', 'date_format:Y-m-d\TH:i'],
            'until' => ['required', 'date_format:Y-m-d\TH:i'],
        ]);
        $who = User::query()->findOrFail((int) $in['who']);
        ChangeDay::away($who, ShopClock::parse($in['from']), ShopClock::parse($in['until']), $this->person($request));

        return redirect('/day')->with('said', "{$who->name} is away; others do what they can of it.");
    }

    public function back(Request $request, Absence $absence): RedirectResponse
    {
        $absence->withdrawn_at === null && $absence->withdraw($this->person($request), ShopClock::now());

        return redirect('/day')->with('said', "{$absence->user->name} is there.");
    }

    public function feed(Request $request): RedirectResponse
    {
        $ovens = array_map(strval(...), Oven::query()->pluck('id')->all());
        $in = $request->validate([
            'kind' => ['required', Rule::in(['person', 'oven', 'shop'])],
            'oven' => ['nullable', 'required_if:kind,oven', Rule::in($ovens)],
        ]);
        $me = $this->person($request);
        $secret = ChangeDay::feed(
            $in['kind'],
            $in['kind'] === 'person' ? $me->id : null,
            $in['kind'] === 'oven' ? (int) $in['oven'] : null,
            $me,
        );

        return redirect('/day')->with('feed', url("/calendar/{$secret}.ics"));
    }

    public function unfeed(Request $request, CalendarFeed $feed): RedirectResponse
    {
        $feed->withdrawn_at === null && $feed->withdraw($this->person($request), ShopClock::now());

        return redirect('/day')->with('said', 'That address opens nothing any more.');
    }

    public function calendar(string $secret): Response
    {
        $feed = CalendarFeed::query()->with(['user', 'oven'])->where('mark', ChangeDay::markOf($secret))
            ->whereNull('withdrawn_at')->first() ?? abort(404);
        abort_if($feed->user !== null && ! $feed->user->active, 404);
        CalendarFeed::query()->whereKey($feed->id)->update([
            'opened' => $feed->opened + 1, 'opened_at' => ShopClock::now()->format('Y-m-d H:i:s.v'),
        ]);

        return response(CalendarEvents::of($feed, StandingPlan::read()->orEmpty()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="day.ics"',
            'X-Robots-Tag' => 'noindex, nofollow',
            'Cache-Control' => 'no-store, private',
        ]);
    }

    private function day(Request $request): ?CarbonImmutable
    {
        $on = (string) $request->string('on');

        return preg_match('~^\d{4}-\d{2}-\d{2}$~', $on) === 1 && strtotime($on) !== false
            ? CarbonImmutable::parse($on, ShopClock::today()->timezone)
            : null;
    }

    /** @return array<int, string> who works, by number */
    private static function hands(): array
    {
        $people = User::query()->where('active', true)->where('role', '!=', 'viewer')->orderBy('name');

        return $people->pluck('name', 'id')->all();
    }

    /** @return Collection<int, Absence> that are not over */
    private static function absences(): Collection
    {
        $away = Absence::query()->with('user');
        $now = ShopClock::now()->format('Y-m-d H:i:s.v');
        $away->whereNull('withdrawn_at')->where('to_at', '>', $now)->orderBy('from_at');

        return $away->get()->toBase();
    }

    /** @return Collection<int, CalendarFeed> */
    private static function feeds(): Collection
    {
        return CalendarFeed::query()->with(['user', 'oven'])->whereNull('withdrawn_at')->orderBy('id')->get()->toBase();
    }
}

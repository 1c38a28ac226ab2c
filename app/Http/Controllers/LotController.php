<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Coat\CoatTurned;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\Station;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Coat\CoatBoard;
use App\Actions\Coat\Spray;
use App\Actions\Log\CoolingClock;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\SplitLot;
use App\Actions\Lot\TickStep;
use App\Actions\Rail\Answers;
use App\Actions\Rail\MayGoOn;
use App\Actions\Rail\MoveLot;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\User;
use App\Rules\Measured;
use App\Support\ShopClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** A lot on its way: signed, sent on, split, joined, ticked, handed over. */
final class LotController
{
    use KnowsWhoAsks;

    /** What happened to the steps a move would leave behind. */
    public function leave(Request $request, Lot $lot): View|RedirectResponse
    {
        $lot->mustBeOpen();
        $to = Station::tryFrom((string) $request->string('to')) ?? LotWalk::of($lot)->nextStation();
        $walk = LotWalk::of($lot);
        $passed = $walk->some($walk->walk->passed($lot->station, $to));

        return $passed === []
            ? redirect("/station/{$lot->station->value}?lot={$lot->id}")
            : view('lots.leave', [
                'lot' => $lot,
                'to' => $to,
                'passed' => $passed,
                'note' => (string) $request->string('note'),
                'now' => ShopClock::typed(ShopClock::now()),
                'me' => $this->person($request)->name,
            ]);
    }

    /** Signs what was done here and, where asked to, hangs the lot at its next station. */
    public function go(Request $request, Lot $lot, MoveLot $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + [
            'then' => ['nullable', Rule::in(['on', 'stay'])],
            'to' => ['nullable', Rule::enum(Station::class)],
        ]);
        $seenAt = Station::from($in['seen_at']);
        $user = $this->person($request);
        $note = $in['note'] ?? null;
        if (($in['then'] ?? 'stay') !== 'on') {
            $move->sign($lot, $user, $note, $seenAt);

            return redirect("/station/{$seenAt->value}?lot={$lot->id}")->with('said', "Signed at {$seenAt->label()}.");
        }
        $to = Station::tryFrom($in['to'] ?? '') ?? LotWalk::of($lot)->walk->nextStation($seenAt);
        $asked = $this->mustAsk($request, $lot, $seenAt, $to, $note);
        if ($asked !== null) {
            return $asked;
        }
        $answers = $this->answers($request);
        DB::transaction(function () use ($move, $lot, $user, $note, $seenAt, $to, $answers): void {
            $move->sign($lot, $user, $note, $seenAt);
            $move->send($lot, $user, $to, null, $seenAt, $answers, $note);
        });

        return $this->gone($lot, $seenAt, $to, ' is signed and hangs');
    }

    /** Hangs it where it is asked to, signed or not. */
    public function send(Request $request, Lot $lot, MoveLot $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + ['to' => ['required', Rule::enum(Station::class)]], [
            'to.*' => 'Station to send to is not picked.',
        ]);
        $to = Station::from($in['to']);
        $seenAt = Station::from($in['seen_at']);
        $asked = $this->mustAsk($request, $lot, $seenAt, $to, $in['note'] ?? null);
        if ($asked !== null) {
            return $asked;
        }
        $move->send($lot, $this->person($request), $to, $in['note'] ?? null, $seenAt, $this->answers($request));

        return $this->gone($lot, $seenAt, $to, ' hangs');
    }

    public function tick(Request $request, Lot $lot, TickStep $tick): RedirectResponse
    {
        $lot->mustBeOpen();
        $user = $this->person($request);
        $in = $request->validate([
            'step' => ['required_without:steps', 'string', 'max:60'],
            'steps' => ['nullable', 'array', 'max:60'],
            'steps.*' => ['string', 'max:60'],
        ]);
        $done = DB::transaction(fn (): array => array_map(function (string $step) use ($lot, $tick, $user): string {
            $kind = $tick->byHand($lot, $user, $step);
            (new BareSteelWatch())->after($lot, $kind, $user);

            return $kind->label();
        }, $in['steps'] ?? [$in['step']]));

        return back()->with('said', ucfirst(implode(', ', $done)).': ticked.');
    }

    /** A temperature measured on the metal, which outranks the computed cooling. */
    public function metalTemperature(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $in = $request->validate(
            ['metal' => ['required', new Measured(Dimension::Temperature, -40, 400)]],
            ['metal.required' => 'Measured on the metal is empty; enter what the thermometer reads.'],
        );
        $celsius = (float) Measured::read(Dimension::Temperature, $in['metal']);
        CoolingClock::measured($lot, $this->person($request), $celsius);

        return redirect("/station/{$lot->station->value}?lot={$lot->id}")->with('said', 'Temperature recorded.');
    }

    public function reopen(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $in = $request->validate([
            'step' => ['required', 'string', 'max:60'],
            'why' => ['required', 'string', 'max:300'],
        ], ['why.required' => 'Why is empty; a few words on why it is to be done again.']);
        abort_if(LotWalk::of($lot)->walk->position($in['step']) === null, 404);
        TickStep::reopen($lot, $this->person($request), $in['step'], $in['why']);

        return back()->with('said', 'Open again.');
    }

    public function coated(Request $request, Lot $lot, Spray $spray): RedirectResponse
    {
        $in = $request->validate([
            'coat' => ['required', Rule::exists('coats', 'id')->where('part_id', $lot->part_id)],
            'pieces' => ['required', 'integer', 'between:1,10000'],
            'powder_lot' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:300'],
        ], ['pieces.*' => 'Pieces is not a count; allowed: 1 and more.']);
        $coat = Coat::query()->findOrFail((int) $in['coat']);
        $log = ['note' => $in['note'] ?? null];
        $by = $this->person($request);
        $board = CoatBoard::onLot($lot, LotWalk::of($lot), new CoatTurned());
        $board === null ?: Spray::mayBegin($board, $log['note']);
        $coated = $spray->logged($lot, $coat, (int) $in['pieces'], $in['powder_lot'] ?? null, $log, $by);
        $left = $lot->refresh()->id === $coated->id ? '' : " {$lot->count} stay without it.";

        return redirect("/station/coat?lot={$coated->id}")
            ->with('said', "{$coat->powder->name} is on {$coated->count}.{$left}");
    }

    public function split(Request $request, Lot $lot, SplitLot $split): RedirectResponse
    {
        $in = $request->validate([
            'pieces' => ['required', 'integer', 'between:1,10000'],
            'name' => ['nullable', 'string', 'max:60'],
        ], ['pieces.*' => 'Pieces is not a count; allowed: 1 and more.']);
        $child = $split($lot, (int) $in['pieces'], $this->person($request), $in['name'] ?? null);

        return redirect("/station/{$child->station->value}?lot={$child->id}")
            ->with('said', "{$child->count} go on as {$child->name}, {$lot->count} as they were.");
    }

    public function into(Request $request, Lot $lot, SplitLot $split): RedirectResponse
    {
        $in = $request->validate(
            ['each' => ['required', 'integer', 'between:1,10000']],
            ['each.*' => 'To a lot is not a count; allowed: 1 and more.'],
        );
        $lots = DB::transaction(fn (): int => $split->into($lot, (int) $in['each'], $this->person($request)));

        return redirect("/jobs/{$lot->part->job_id}")->with('said', ucfirst($lot->part->name)." is {$lots} lots now.");
    }

    public function join(Request $request, Lot $lot, SplitLot $split): RedirectResponse
    {
        $in = $request->validate(['into' => ['required', 'integer']], ['into.*' => 'Lot to join is not picked.']);
        $into = Lot::query()->findOrFail((int) $in['into']);
        $split->join($lot, $into, $this->person($request));

        return redirect("/station/{$into->station->value}?lot={$into->id}")
            ->with('said', 'Joined: '.$into->refresh()->count.' hang together.');
    }

    public function scrap(Request $request, Lot $lot, SplitLot $split): RedirectResponse
    {
        $in = $request->validate([
            'scrapped' => ['required', 'integer', 'between:1,10000'],
            'why' => ['required', 'string', 'max:300'],
        ], [
            'scrapped.*' => 'Scrapped is not a count; allowed: 1 and more.',
            'why.required' => 'Why is empty; the record says what became of them.',
        ]);
        $split->scrap($lot, (int) $in['scrapped'], $this->person($request), $in['why']);

        return redirect("/jobs/{$lot->part->job_id}")->with('said', "{$in['scrapped']} scrapped.");
    }

    /** Where steps would be left behind and nobody has said what happened, that is asked first. */
    private function mustAsk(Request $request, Lot $lot, Station $from, Station $to, ?string $note): ?RedirectResponse
    {
        $lot->mustBeOpen();
        if ($request->has('undone') || $lot->station !== $from || $to === $from) {
            return null;
        }
        if ($to->isAfter($from)) {
            // What stops it stops it whatever is said of the steps.
            MayGoOn::orRefuse($lot, $from, $to, $note);
        }
        $open = LotWalk::of($lot)->walk->passed($from, $to);

        return $open === []
            ? null
            : redirect("/lots/{$lot->id}/leave?".http_build_query(['to' => $to->value, 'note' => $note]));
    }

    private function answers(Request $request): ?Answers
    {
        $typed = $request->input('undone');

        return is_array($typed) ? Answers::read($typed) : null;
    }

    /** Back to where the hands are: the next lot at this bench, and a link to the one just sent. */
    private function gone(Lot $lot, Station $from, Station $to, string $how): RedirectResponse
    {
        $said = ucfirst($lot->title())." of job {$lot->part->job->number}{$how} at {$to->label()} now.";
        // Who works alone goes on with the work.
        if (User::worksAlone()) {
            return redirect("/station/{$to->value}?lot={$lot->id}")->with('said', $said);
        }
        $beside = Lot::hanging()->where('lots.station', $from)->with('part');
        $next = $beside->get()->sortByDesc(
            fn (Lot $one): int => 2 * (int) ($one->part_id === $lot->part_id)
                + (int) ($one->part->job_id === $lot->part->job_id),
        )->first();

        return redirect("/station/{$from->value}".($next === null ? '' : "?lot={$next->id}"))
            ->with('said', $said)
            ->with('sent', ['to' => "/station/{$to->value}?lot={$lot->id}", 'at' => $to->label()]);
    }

    /** @return array<string, mixed> */
    private function rules(): array
    {
        return [
            'note' => ['nullable', 'string', 'max:500'],
            'seen_at' => ['required', Rule::enum(Station::class)],
            'undone' => ['nullable', 'array', 'max:60'],
        ];
    }
}

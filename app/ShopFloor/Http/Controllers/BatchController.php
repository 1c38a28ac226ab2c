<?php

declare(strict_types=1);

namespace App\ShopFloor\Http\Controllers;

use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\User;
use App\Application\Commands\SprayCoat;
use App\Application\ViewModels\CoatViewModel;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\RoutingProgress;
use App\ShopFloor\Commands\MoveBatch;
use App\ShopFloor\Commands\StepAnswers;
use App\ShopFloor\Queries\TransferGuard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** A batch on the floor: sign off, move, split, join, scrap, complete steps. */
final class BatchController
{
    use RequiresUser;

    /** What happened to the steps a move would leave behind. */
    public function leave(Request $request, Batch $batch): View|RedirectResponse
    {
        $batch->mustBeOpen();
        $to = Station::tryFrom((string) $request->string('to')) ?? RoutingProgress::of($batch)->nextStation();
        $walk = RoutingProgress::of($batch);
        $passed = $walk->some($walk->walk->passed($batch->station, $to));

        return $passed === []
            ? redirect("/station/{$batch->station->value}?lot={$batch->id}")
            : view('shop-floor.leave', [
                'batch' => $batch,
                'to' => $to,
                'passed' => $passed,
                'note' => (string) $request->string('note'),
                'now' => ShopClock::typed(ShopClock::now()),
                'me' => $this->person($request)->name,
            ]);
    }

    /** Signs what was done here and, where asked to, hangs the lot at its next station. */
    public function go(Request $request, Batch $batch, MoveBatch $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + [
            'then' => ['nullable', Rule::in(['on', 'stay'])],
            'to' => ['nullable', Rule::enum(Station::class)],
        ]);
        $seenAt = Station::from($in['seen_at']);
        $user = $this->person($request);
        $note = $in['note'] ?? null;
        if (($in['then'] ?? 'stay') !== 'on') {
            $move->sign($batch, $user, $note, $seenAt);

            return redirect(
                "/station/{$seenAt->value}?lot={$batch->id}",
            )->with('said', "Signed at {$seenAt->label()}.");
        }
        $to = Station::tryFrom($in['to'] ?? '') ?? RoutingProgress::of($batch)->walk->nextStation($seenAt);
        $asked = $this->mustAsk($request, $batch, $seenAt, $to, $note);
        if ($asked !== null) {
            return $asked;
        }
        $answers = $this->answers($request);
        DB::transaction(function () use ($move, $batch, $user, $note, $seenAt, $to, $answers): void {
            $move->sign($batch, $user, $note, $seenAt);
            $move->send($batch, $user, $to, null, $seenAt, $answers, $note);
        });

        return $this->gone($batch, $seenAt, $to, ' is signed and hangs');
    }

    /** Hangs it where it is asked to, signed or not. */
    public function send(Request $request, Batch $batch, MoveBatch $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + ['to' => ['required', Rule::enum(Station::class)]], [
            'to.*' => 'Station to send to is not picked.',
        ]);
        $to = Station::from($in['to']);
        $seenAt = Station::from($in['seen_at']);
        $asked = $this->mustAsk($request, $batch, $seenAt, $to, $in['note'] ?? null);
        if ($asked !== null) {
            return $asked;
        }
        $move->send($batch, $this->person($request), $to, $in['note'] ?? null, $seenAt, $this->answers($request));

        return $this->gone($batch, $seenAt, $to, ' hangs');
    }

    public function tick(Request $request, Batch $batch, CompleteStep $tick): RedirectResponse
    {
        $batch->mustBeOpen();
        $user = $this->person($request);
        $in = $request->validate([
            'step' => ['required_without:steps', 'string', 'max:60'],
            'steps' => ['nullable', 'array', 'max:60'],
            'steps.*' => ['string', 'max:60'],
        ]);
        $done = DB::transaction(fn (): array => array_map(function (string $step) use ($batch, $tick, $user): string {
            $kind = $tick->byHand($batch, $user, $step);
            (new BareSteelTimer())->after($batch, $kind, $user);

            return $kind->label();
        }, $in['steps'] ?? [$in['step']]));

        return back()->with('said', ucfirst(implode(', ', $done)).': ticked.');
    }

    /** A temperature measured on the metal, which outranks the computed cooling. */
    public function metalTemperature(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $in = $request->validate(
            ['metal' => ['required', new MeasuredQuantity(Dimension::Temperature, -40, 400)]],
            ['metal.required' => 'Measured on the metal is empty; enter what the thermometer reads.'],
        );
        $celsius = (float) MeasuredQuantity::read(Dimension::Temperature, $in['metal']);
        CoolingEstimate::measured($batch, $this->person($request), $celsius);

        return redirect("/station/{$batch->station->value}?lot={$batch->id}")->with('said', 'Temperature recorded.');
    }

    public function reopen(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $in = $request->validate([
            'step' => ['required', 'string', 'max:60'],
            'why' => ['required', 'string', 'max:300'],
        ], ['why.required' => 'Why is empty; a few words on why it is to be done again.']);
        abort_if(RoutingProgress::of($batch)->walk->position($in['step']) === null, 404);
        CompleteStep::reopen($batch, $this->person($request), $in['step'], $in['why']);

        return back()->with('said', 'Open again.');
    }

    public function coated(Request $request, Batch $batch, SprayCoat $spray): RedirectResponse
    {
        $in = $request->validate([
            'coat' => ['required', Rule::exists('coats', 'id')->where('part_id', $batch->part_id)],
            'pieces' => ['required', 'integer', 'between:1,10000'],
            'powder_lot' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:300'],
        ], ['pieces.*' => 'Pieces is not a count; allowed: 1 and more.']);
        $coat = Coat::query()->findOrFail((int) $in['coat']);
        $log = ['note' => $in['note'] ?? null];
        $by = $this->person($request);
        $board = CoatViewModel::onLot($batch, RoutingProgress::of($batch), new CoatTurned());
        $board === null ?: SprayCoat::mayBegin($board, $log['note']);
        $coated = $spray->logged($batch, $coat, (int) $in['pieces'], $in['powder_lot'] ?? null, $log, $by);
        $left = $batch->refresh()->id === $coated->id ? '' : " {$batch->count} stay without it.";

        return redirect("/station/coat?lot={$coated->id}")
            ->with('said', "{$coat->powder->name} is on {$coated->count}.{$left}");
    }

    public function split(Request $request, Batch $batch, SplitBatch $split): RedirectResponse
    {
        $in = $request->validate([
            'pieces' => ['required', 'integer', 'between:1,10000'],
            'name' => ['nullable', 'string', 'max:60'],
        ], ['pieces.*' => 'Pieces is not a count; allowed: 1 and more.']);
        $child = $split($batch, (int) $in['pieces'], $this->person($request), $in['name'] ?? null);

        return redirect("/station/{$child->station->value}?lot={$child->id}")
            ->with('said', "{$child->count} go on as {$child->name}, {$batch->count} as they were.");
    }

    public function into(Request $request, Batch $batch, SplitBatch $split): RedirectResponse
    {
        $in = $request->validate(
            ['each' => ['required', 'integer', 'between:1,10000']],
            ['each.*' => 'To a lot is not a count; allowed: 1 and more.'],
        );
        $batches = DB::transaction(fn (): int => $split->into($batch, (int) $in['each'], $this->person($request)));

        return redirect("/jobs/{$batch->part->job_id}")->with(
            'said',
            ucfirst($batch->part->name)." is {$batches} lots now.",
        );
    }

    public function join(Request $request, Batch $batch, SplitBatch $split): RedirectResponse
    {
        $in = $request->validate(['into' => ['required', 'integer']], ['into.*' => 'Lot to join is not picked.']);
        $into = Batch::query()->findOrFail((int) $in['into']);
        $split->join($batch, $into, $this->person($request));

        return redirect("/station/{$into->station->value}?lot={$into->id}")
            ->with('said', 'Joined: '.$into->refresh()->count.' hang together.');
    }

    public function scrap(Request $request, Batch $batch, SplitBatch $split): RedirectResponse
    {
        $in = $request->validate([
            'scrapped' => ['required', 'integer', 'between:1,10000'],
            'why' => ['required', 'string', 'max:300'],
        ], [
            'scrapped.*' => 'Scrapped is not a count; allowed: 1 and more.',
            'why.required' => 'Why is empty; the record says what became of them.',
        ]);
        $split->scrap($batch, (int) $in['scrapped'], $this->person($request), $in['why']);

        return redirect("/jobs/{$batch->part->job_id}")->with('said', "{$in['scrapped']} scrapped.");
    }

    /** Where steps would be left behind and nobody has said what happened, that is asked first. */
    private function mustAsk(
        Request $request,
        Batch $batch,
        Station $from,
        Station $to,
        ?string $note,
    ): ?RedirectResponse {
        $batch->mustBeOpen();
        if ($request->has('undone') || $batch->station !== $from || $to === $from) {
            return null;
        }
        if ($to->isAfter($from)) {
            // What stops it stops it whatever is said of the steps.
            TransferGuard::orRefuse($batch, $from, $to, $note);
        }
        $open = RoutingProgress::of($batch)->walk->passed($from, $to);

        return $open === []
            ? null
            : redirect("/batches/{$batch->id}/leave?".http_build_query(['to' => $to->value, 'note' => $note]));
    }

    private function answers(Request $request): ?StepAnswers
    {
        $typed = $request->input('undone');

        return is_array($typed) ? StepAnswers::read($typed) : null;
    }

    /** Back to where the hands are: the next lot at this bench, and a link to the one just sent. */
    private function gone(Batch $batch, Station $from, Station $to, string $how): RedirectResponse
    {
        $said = ucfirst($batch->title())." of job {$batch->part->job->number}{$how} at {$to->label()} now.";
        // Who works alone goes on with the work.
        if (User::worksAlone()) {
            return redirect("/station/{$to->value}?lot={$batch->id}")->with('said', $said);
        }
        $beside = Batch::hanging()->where('batches.station', $from)->with('part');
        $next = $beside->get()->sortByDesc(
            fn (Batch $one): int => 2 * (int) ($one->part_id === $batch->part_id)
                + (int) ($one->part->job_id === $batch->part->job_id),
        )->first();

        return redirect("/station/{$from->value}".($next === null ? '' : "?lot={$next->id}"))
            ->with('said', $said)
            ->with('sent', ['to' => "/station/{$to->value}?lot={$batch->id}", 'at' => $to->label()]);
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

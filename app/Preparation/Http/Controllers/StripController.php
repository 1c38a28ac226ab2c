<?php

declare(strict_types=1);

namespace App\Preparation\Http\Controllers;

use Aenum\Core\Advice\StripStep;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Message;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Preparation\Queries\DwellTimes;
use App\Preparation\Queries\StripOptions;
use App\Routing\Commands\RunTimer;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\CoolingEstimate;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The strip station: the chosen method, its timers, and the cost of the others. */
final class StripController
{
    use ReadsBatchInHand;
    use RequiresUser;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Strip, $request);

        $strip = $pick->part === null ? null : StripOptions::of($pick->part);

        return view('preparation.strip-station', [
            'pick' => $pick,
            'strip' => $strip,
            'dwells' => $strip === null ? [] : DwellTimes::latest($strip->way->steps),
        ]);
    }

    public function choose(Request $request, Part $part, RunTimer $run): RedirectResponse
    {
        $part->job->mustBeOpen();
        $strip = StripOptions::of($part);
        $way =
            $strip->ways[(string) $request->string('way')] ??
            throw ValidationException::withMessages([
                'way' => 'That way is not one for this part; pick one of the list.',
            ]);
        if (! $way->allowed()) {
            throw ValidationException::withMessages([
                'way' => $way->name.
                    ' must not be done: '.
                    Units::current()->said(
                        Message::all(array_map(fn (Finding $one): Message => $one->words(), $way->against())),
                    ),
            ]);
        }
        $user = $this->person($request);
        $kept = array_map(fn (StripStep $step): string => $step->key, $way->steps);
        $part->batches()->where('status', 'open')->get()->each(
            fn (Batch $batch) => $run->stopAll($batch, $user, $kept),
        );
        $part->update(['strip_way' => $way->key]);

        return redirect("/station/strip?part={$part->id}")->with('said', "{$way->name}: chosen.");
    }

    public function start(Request $request, Batch $batch, RunTimer $run): RedirectResponse
    {
        $batch->mustBeOpen();
        CoolingEstimate::refuseHot($batch, 'step', 'stripper');
        $way = StripOptions::of($batch->part)->way;
        $step = collect($way->steps)->firstWhere('key', (string) $request->string('step'));
        if (! ($step instanceof StripStep) || $step->dwell <= 0) {
            throw ValidationException::withMessages(['step' => 'That step is not one of '.$way->name.'.']);
        }
        $in = $request->validate(
            ['dwell' => ['nullable', 'numeric', 'between:0.5,2880']],
            ['dwell.*' => 'Minutes by its sheet is not a time; allowed: 0.5 to 2880 min.'],
        );
        $user = $this->person($request);
        $dwell = (float) ($in['dwell'] ?? $step->dwell);
        DwellTimes::keep($step, $dwell, $user);
        $late = $step->tooLong === null ? null : max($step->tooLong, $dwell);
        $run->start($batch, $user, $step->key, $step->does, $dwell, $late);

        return redirect("/station/strip?lot={$batch->id}")->with('said', "{$step->does}: the clock runs.");
    }
}

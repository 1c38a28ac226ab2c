<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Bench\StripStep;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\Station;
use App\Actions\Bench\BenchPick;
use App\Actions\Bench\DwellLog;
use App\Actions\Bench\RunClock;
use App\Actions\Bench\StripOfPart;
use App\Actions\Log\CoolingClock;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Lot;
use App\Models\Part;
use App\Support\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The strip bench: the way off, its clocks, and what the other ways would cost. */
final class StripController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Strip, $request);

        $strip = $pick->part === null ? null : StripOfPart::of($pick->part);

        return view('stations.strip', [
            'pick' => $pick,
            'strip' => $strip,
            'dwells' => $strip === null ? [] : DwellLog::latest($strip->way->steps),
        ]);
    }

    public function choose(Request $request, Part $part, RunClock $run): RedirectResponse
    {
        $part->job->mustBeOpen();
        $strip = StripOfPart::of($part);
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
                        Said::all(array_map(fn (Finding $one): Said => $one->words(), $way->against())),
                    ),
            ]);
        }
        $user = $this->person($request);
        $kept = array_map(fn (StripStep $step): string => $step->key, $way->steps);
        $part->lots()->where('fate', 'open')->get()->each(fn (Lot $lot) => $run->stopAll($lot, $user, $kept));
        $part->update(['strip_way' => $way->key]);

        return redirect("/station/strip?part={$part->id}")->with('said', "{$way->name}: chosen.");
    }

    public function start(Request $request, Lot $lot, RunClock $run): RedirectResponse
    {
        $lot->mustBeOpen();
        CoolingClock::refuseHot($lot, 'step', 'stripper');
        $way = StripOfPart::of($lot->part)->way;
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
        DwellLog::keep($step, $dwell, $user);
        $late = $step->tooLong === null ? null : max($step->tooLong, $dwell);
        $run->start($lot, $user, $step->key, $step->does, $dwell, $late);

        return redirect("/station/strip?lot={$lot->id}")->with('said', "{$step->does}: the clock runs.");
    }
}

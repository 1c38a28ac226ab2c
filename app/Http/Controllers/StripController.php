<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Route\Station;
use Aenum\Core\Strip\StripStep;
use App\Actions\Bench\BenchPick;
use App\Actions\Bench\RunClock;
use App\Actions\Bench\StripOfPart;
use App\Models\Part;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The strip bench: the way off, its clocks, and what the other ways would cost. */
final class StripController
{
    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Strip, $request);

        return view('stations.strip', ['pick' => $pick, 'strip' => $pick->part === null ? null : StripOfPart::of($pick->part)]);
    }

    public function choose(Request $request, Part $part, RunClock $run): RedirectResponse
    {
        $part->job->mustBeOpen();
        $strip = StripOfPart::of($part);
        $way = $strip->ways[(string) $request->string('way')] ?? throw ValidationException::withMessages(['way' => 'That way is not one for this part; pick one of the list.']);
        if (! $way->allowed()) {
            throw ValidationException::withMessages(['way' => $way->name.' must not be done: '.implode(' ', $way->against)]);
        }
        /** @var User $user */
        $user = $request->user();
        $run->stopAll($part, $user, array_map(fn (StripStep $step): string => $step->key, $way->steps));
        $part->update(['prep' => ['strip' => $way->key] + ($part->prep ?? [])]);

        return redirect("/station/strip?part={$part->id}")->with('said', "{$way->name}: chosen.");
    }

    public function start(Request $request, Part $part, RunClock $run): RedirectResponse
    {
        $part->job->mustBeOpen();
        $way = StripOfPart::of($part)->way;
        $step = collect($way->steps)->firstWhere('key', (string) $request->string('step'));
        if (! $step instanceof StripStep || $step->dwell <= 0) {
            throw ValidationException::withMessages(['step' => 'That step is not one of '.$way->name.'.']);
        }
        /** @var User $user */
        $user = $request->user();
        $run->start($part, $user, $step->key, $step->does, $step->dwell, $step->tooLong);

        return redirect("/station/strip?part={$part->id}")->with('said', "{$step->does}: the clock runs.");
    }
}

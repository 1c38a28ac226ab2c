<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Word\Station;
use App\Actions\Bench\BenchPick;
use App\Actions\Mask\MasksOfPart;
use App\Actions\Release\HandOver;
use App\Actions\Release\ReleaseCheck;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Lot;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The release bench: counted, looked at, signed, handed over. */
final class ReleaseController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Release, $request);

        return view('stations.release', [
            'pick' => $pick,
            'fitted' => $pick->lot === null ? collect() : MasksOfPart::fittedOn($pick->lot),
            'check' => $pick->lot === null ? null : ReleaseCheck::of($pick->lot),
        ]);
    }

    public function release(Request $request, Lot $lot, HandOver $handOver): RedirectResponse
    {
        $in = $request->validate([
            'note' => ['nullable', 'string', 'max:500'],
            'taken_by' => ['nullable', 'string', 'max:120'],
            'signature' => ['nullable', 'string', 'max:20000', 'regex:/^[0-9 ,|]*$/'],
        ], ['signature.*' => 'The signature cannot be read; draw it again, or leave it empty.']);
        $takenBy = trim((string) ($in['taken_by'] ?? ''));
        $signature = trim((string) ($in['signature'] ?? ''));
        $handOver(
            $lot,
            $this->person($request),
            $in['note'] ?? null,
            $takenBy === '' ? null : $takenBy,
            $signature === '' || $takenBy === '' ? null : $signature,
        );
        $job = $lot->part->job->refresh();

        return redirect($job->isOpen() ? '/station/release' : "/jobs/{$job->id}/record")->with(
            'said',
            $job->isOpen()
                ? "{$lot->title()} of job {$job->number} is handed over."
                : "Job {$job->number} is released.",
        );
    }
}

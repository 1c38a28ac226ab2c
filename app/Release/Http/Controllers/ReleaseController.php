<?php

declare(strict_types=1);

namespace App\Release\Http\Controllers;

use Aenum\Core\Trade\Station;
use App\Intake\Models\Batch;
use App\Platform\Http\Controllers\RequiresUser;
use App\Preparation\Queries\PartMasks;
use App\Release\Commands\ReleaseBatch;
use App\Release\Queries\ReleaseCheck;
use App\Routing\Http\ReadsBatchInHand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The release station. */
final class ReleaseController
{
    use ReadsBatchInHand;
    use RequiresUser;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Release, $request);

        return view('release.release-station', [
            'pick' => $pick,
            'fitted' => $pick->batch === null ? collect() : PartMasks::fittedOn($pick->batch),
            'check' => $pick->batch === null ? null : ReleaseCheck::of($pick->batch),
        ]);
    }

    public function release(Request $request, Batch $batch, ReleaseBatch $handOver): RedirectResponse
    {
        $in = $request->validate([
            'note' => ['nullable', 'string', 'max:500'],
            'taken_by' => ['nullable', 'string', 'max:120'],
            'signature' => ['nullable', 'string', 'max:20000', 'regex:/^[0-9 ,|]*$/'],
        ], ['signature.*' => 'The signature cannot be read; draw it again, or leave it empty.']);
        $takenBy = trim((string) ($in['taken_by'] ?? ''));
        $signature = trim((string) ($in['signature'] ?? ''));
        $handOver(
            $batch,
            $this->person($request),
            $in['note'] ?? null,
            $takenBy === '' ? null : $takenBy,
            $signature === '' || $takenBy === '' ? null : $signature,
        );
        $job = $batch->part->job->refresh();

        return redirect($job->isOpen() ? '/station/release' : "/jobs/{$job->id}/record")->with(
            'said',
            $job->isOpen()
                ? "{$batch->title()} of job {$job->number} is handed over."
                : "Job {$job->number} is released.",
        );
    }
}

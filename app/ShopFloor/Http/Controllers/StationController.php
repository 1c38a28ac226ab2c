<?php

declare(strict_types=1);

namespace App\ShopFloor\Http\Controllers;

use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Catalog\Models\Oven;
use App\Curing\Models\OvenLoad;
use App\Curing\ViewModels\WaitingBatch;
use App\Intake\Models\Job;
use App\Platform\Http\Controllers\RequiresUser;
use App\Routing\Models\BatchEvent;
use App\Routing\Queries\BatchSnapshot;
use App\ShopFloor\Commands\MoveBatch;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Stations without a controller of their own. */
final class StationController
{
    use RequiresUser;

    private const LATELY = 6;

    public function show(Request $request, Station $station): View
    {
        return match ($station) {
            Station::Cure => $this->cure(),
            default => view('intake.intake-station', [
                'station' => $station,
                'jobs' => $this->atTheCounter(),
                'lately' => $this->lately($station),
            ]),
        };
    }

    /** What the bench at the counter shows of a job, besides the routes of its parts. */
    private const NEEDS = ['customer', 'moves.user', 'parts.pictures'];

    /** @return Collection<int, Job> with something of them at the counter, or nothing written down yet */
    private function atTheCounter(): Collection
    {
        $here = fn ($batch) => $batch->where('station', Station::Intake)->where('status', 'open');

        $jobs = Job::hanging()->with([...self::NEEDS, ...BatchSnapshot::ofPartsOf('parts')])
            ->where(fn ($job) => $job->whereDoesntHave('parts')->orWhereHas('parts.batches', $here))->get();
        $parts = $jobs->toBase()->flatMap(fn (Job $job): array => $job->parts->all());
        BatchSnapshot::ofParts(new Collection($parts->all()));

        return $jobs;
    }

    /** @return Collection<int, BatchEvent> */
    private function lately(Station $station): Collection
    {
        $moves = BatchEvent::query()->with(['user', 'job', 'batch.part.batches'])->where('from_station', $station);

        return $moves->whereIn('kind', ['sent_on', 'released'])->orderByDesc('at')->limit(self::LATELY)->get();
    }

    private function cure(): View
    {
        $lately = OvenLoad::of(LoadKind::Cure)
            ->where('status', 'pulled')
            ->orderByDesc('pulled_at')
            ->limit(4)
            ->pluck('id');
        $bakes = OvenLoad::of(LoadKind::Cure)
            ->with(['oven', 'items.part.batches', 'items.batch.part.batches', 'results'])
            ->where(fn ($bake) => $bake->whereIn('status', ['running', 'planned'])->orWhereIn('id', $lately))
            ->orderBy('id')
            ->get();

        $ovens = Oven::inUse();
        $busy = OvenLoad::query()->where('status', 'running')->pluck('oven_id');

        return view('curing.cure.bench', [
            'station' => Station::Cure,
            'waiting' => WaitingBatch::all(),
            'ovenNames' => $ovens->mapWithKeys(fn (Oven $oven): array => [
                $oven->id => $oven->name.($busy->contains($oven->id) ? ', baking now' : ''),
            ]),
            'freeOven' => ($ovens->whereNotIn('id', $busy)->first() ?? $ovens->first())?->id,
            'running' => $bakes->where('status', 'running')->sortBy('shut_at'),
            'planned' => $bakes->where('status', 'planned'),
            'pulled' => $bakes->where('status', 'pulled')->sortByDesc('pulled_at'),
        ]);
    }

    public function decline(Request $request, Job $job, MoveBatch $move): RedirectResponse
    {
        $in = $request->validate(
            ['reason' => ['required', 'string', 'max:500']],
            ['reason.required' => 'Reason is empty; write why the work is declined.'],
        );
        $move->decline($job, $this->person($request), $in['reason']);

        return redirect("/jobs/{$job->id}")->with('said', "Job {$job->number} is declined.");
    }
}

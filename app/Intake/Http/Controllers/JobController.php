<?php

declare(strict_types=1);

namespace App\Intake\Http\Controllers;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Trade\LoadKind;
use App\Accounts\Models\User;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Customers\Models\Customer;
use App\Intake\Commands\SaveJob;
use App\Intake\Commands\SavePart;
use App\Intake\Http\Requests\JobRequest;
use App\Intake\Http\Requests\PartRequest;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Session;
use Illuminate\Validation\ValidationException;

/** Jobs and their parts. */
final class JobController
{
    use RequiresUser;

    public function create(): View
    {
        return view('intake.form', ['job' => null, 'customers' => Customer::query()->orderBy('name')->pluck('name')]);
    }

    public function store(JobRequest $request, SaveJob $save): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $job = $save(null, $user, $request->facts());

        return redirect("/jobs/{$job->id}/parts/create")->with(
            'said',
            "Job {$job->number} is taken in. What parts came with it?",
        );
    }

    public function show(Job $job): View
    {
        $job->load([
            'customer',
            'moves.user',
            'moves.batch',
            'parts.sections',
            'parts.coats.inspections.user',
            'parts.pins.fittings.mask',
            'parts.bags',
            'parts.clocks',
            'parts.batches.clocks',
            ...BatchSnapshot::ofPartsOf('parts'),
        ]);
        BatchSnapshot::ofParts($job->parts);

        return view('intake.show', [
            'job' => $job,
            'bakes' => $this->bakesOf($job, ['oven']),
            'walks' => $this->walks($job),
        ]);
    }

    /** @return array<int, RoutingProgress> of every lot that is there, by its id */
    private function walks(Job $job): array
    {
        $walks = [];
        foreach ($job->lotsThere() as $batch) {
            $walks[$batch->id] = RoutingProgress::of($batch, PartRoute::of($batch->part, $batch));
        }

        return $walks;
    }

    public function edit(Job $job): View
    {
        return view('intake.form', [
            'job' => $job->load('customer'),
            'customers' => Customer::query()->orderBy('name')->pluck('name'),
        ]);
    }

    public function update(JobRequest $request, Job $job, SaveJob $save): RedirectResponse
    {
        $job->mustBeOpen();
        /** @var User $user */
        $user = $request->user();
        $save($job, $user, $request->facts());

        return redirect("/jobs/{$job->id}")->with('said', 'Saved.');
    }

    public function createPart(Request $request, Job $job): View
    {
        return $this->partForm($request, $job, null);
    }

    /** Off to find out which metal it is; what was typed so far waits for the answer. */
    public function askMetal(Request $request, Job $job): RedirectResponse
    {
        $job->mustBeOpen();
        $request->session()->put(self::typed($job), $request->except(['_token', '_method', '_once', 'part']));

        return redirect('/metal?'.http_build_query(['job' => $job->id, 'part' => $request->integer('part') ?: null]));
    }

    private static function typed(Job $job): string
    {
        return "typed.part.{$job->id}";
    }

    public function storePart(PartRequest $request, Job $job, SavePart $save): RedirectResponse
    {
        $job->mustBeOpen();
        $part = $save($job, null, $request->facts());

        return redirect("/parts/{$part->id}/route")->with(
            'said',
            ucfirst($part->name).' is written down. What is on it now, and where will it live?',
        );
    }

    public function editPart(Request $request, Part $part): View
    {
        return $this->partForm($request, $part->job, $part->load(['sections', 'coats']));
    }

    public function updatePart(PartRequest $request, Part $part, SavePart $save): RedirectResponse
    {
        $part->job->mustBeOpen();
        $save($part->job, $part, $request->facts());

        return redirect("/jobs/{$part->job_id}")->with('said', 'Saved.');
    }

    public function withdrawPart(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $hung = OvenLoadItem::query()->whereHas('ovenLoad', fn ($load) => $load->where('status', '!=', 'withdrawn'));
        if ($hung->where('part_id', $part->id)->exists()) {
            throw ValidationException::withMessages([
                'part' => "{$part->name} hangs or hung in an oven load; its record stays.",
            ]);
        }
        SavePart::refuseIfSprayed($part);
        $part->withdraw($this->person($request), ShopClock::now());

        return redirect("/jobs/{$part->job_id}")->with('said', "{$part->name} is taken off the job.");
    }

    /** What travels with the parts: an A5 sheet for each. */
    public function card(Job $job): View
    {
        $job->load(['customer', 'parts.bags', 'parts.pictures', ...BatchSnapshot::ofPartsOf('parts')]);
        BatchSnapshot::ofParts($job->parts);

        return view('intake.card', [
            'job' => $job,
            'routes' => $job->parts->map(fn (Part $part): PartRoute => PartRoute::of($part)),
        ]);
    }

    private function partForm(Request $request, Job $job, ?Part $part): View
    {
        $metal = $request->query('metal');
        $metal = is_string($metal) && isset(MetalCatalog::names()[$metal]) ? $metal : null;
        $typed = $metal === null ? null : $request->session()->pull(self::typed($job));
        if (is_array($typed)) {
            Session::now('_old_input', ['metal' => $metal] + $typed);
        }

        return view('intake.part', [
            'job' => $job,
            'part' => $part,
            'metal' => $metal,
            'mostCoats' => PartRequest::MOST_COATS,
            'metals' => MetalCatalog::names(),
            'powders' => Powder::query()
                ->where(
                    fn ($q) => $q
                        ->whereNull('retired_at')
                        ->orWhereIn('id', $part === null ? [] : $part->coats->pluck('powder_id')),
                )
                ->orderBy('name')
                ->get(),
        ]);
    }

    /** @return list<int> every load something of it hung in */
    private static function loadsOf(Job $job): array
    {
        $items = OvenLoadItem::query()->toBase()->whereIn('part_id', $job->parts()->pluck('id'));

        return array_values(array_map(intval(...), $items->distinct()->pluck('oven_load_id')->all()));
    }

    /**
     * @param  list<string>  $with
     * @return EloquentCollection<int, OvenLoad>
     */
    private function bakesOf(Job $job, array $with): EloquentCollection
    {
        return OvenLoad::of(LoadKind::Cure)->with($with)->where('status', '!=', 'withdrawn')
            ->whereKey(self::loadsOf($job))->orderBy('id')->get();
    }
}

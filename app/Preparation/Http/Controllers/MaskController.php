<?php

declare(strict_types=1);

namespace App\Preparation\Http\Controllers;

use Aenum\Core\Preparation\Masking\MaskKind;
use Aenum\Core\Preparation\Masking\MaskMaterial;
use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Preparation\Racking\HookSize;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\User;
use App\Catalog\Models\Mask;
use App\Intake\Models\Batch;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Commands\SetRack;
use App\Preparation\Models\MaskApplication;
use App\Preparation\Queries\HookUse;
use App\Preparation\Queries\LatestAir;
use App\Preparation\Queries\PartMasks;
use App\Preparation\ViewModels\RackDrawing;
use App\Routing\Commands\CompleteStep;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\GroundReading;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The mask and hang station: masks by pin, the rack, ground. */
final class MaskController
{
    use ReadsBatchInHand;
    use RequiresUser;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::MaskAndHang, $request);
        $part = $pick->part;
        $route = $pick->route;
        $rack = $part === null ? null : SetRack::of($part, $route);

        return view('preparation.mask-station', [
            'pick' => $pick,
            'masks' => $pick->batch === null ? null : PartMasks::of($pick->batch, $route),
            'rack' => $rack,
            'drawing' => $rack === null ? null : new RackDrawing($rack->rack),
            'shelf' => Mask::query()->whereNull('retired_at')->orderBy('kind')->orderBy('from_mm')->get(),
            'ground' => $part === null ? null : GroundReading::latest($part, $pick->batch),
            'hooks' => $part === null ? null : HookUse::of($part),
            'bare' => $pick->batch?->bareSteelClock(),
            'air' => LatestAir::latest()?->line,
        ]);
    }

    /** Hooks were burnt or blasted clean: their bakes count from here. */
    public function hooksCleaned(Request $request): RedirectResponse
    {
        $in = $request->validate(
            ['size' => ['required', Rule::enum(HookSize::class)]],
            ['size.*' => 'Size is not one of the hooks; allowed: fine, medium, heavy, chain.'],
        );
        HookUse::cleaned(HookSize::from($in['size']), $this->person($request));

        return back()->with('said', 'Cleaned; their bakes count from here.');
    }

    public function fit(Request $request, Pin $pin): RedirectResponse
    {
        $pin->part->job->mustBeOpen();
        $in = $request->validate(
            [
                'mask' => ['nullable', Rule::exists('masks', 'id')->whereNull('retired_at')],
                'fitted' => ['required', 'integer', 'between:1,100000'],
                'lot' => ['required', Rule::exists('batches', 'id')->where('part_id', $pin->part_id)],
            ],
            ['fitted.*' => 'Fitted is not a count; allowed: 1 to 100000.'],
        );
        $batch = Batch::query()->findOrFail((int) $in['lot']);
        $batch->mustBeOpen();
        CoolingEstimate::refuseHot($batch, 'fitted', 'masks');
        DB::transaction(function () use ($in, $pin, $batch, $request): void {
            $held = Pin::findLocked($pin->id);
            if ($held->withdrawn_at !== null) {
                throw ValidationException::withMessages([
                    'fitted' => "Pin {$held->number} was withdrawn; nothing is masked there any more.",
                ]);
            }
            PartMasks::mustBeOnShelf((int) ($in['mask'] ?? 0), (int) $in['fitted']);
            $on = $held->fittings()->where('batch_id', $batch->id);
            if ($on->whereRaw('(removed is null or removed < fitted)')->exists()) {
                throw ValidationException::withMessages([
                    'fitted' => "Pin {$pin->number} has masks on already; count those off first.",
                ]);
            }
            MaskApplication::query()->create([
                'pin_id' => $pin->id,
                'batch_id' => $batch->id,
                'mask_id' => $in['mask'] ?? null,
                'fitted' => $in['fitted'],
                'user_id' => $this->person($request)->id,
                'at' => ShopClock::now(),
            ]);
            $this->tickMasks($batch->refresh(), $this->person($request));
        });

        return redirect("/station/mask-and-hang?lot={$batch->id}")->with(
            'said',
            "Pin {$pin->number}: {$in['fitted']} on.",
        );
    }

    /** What is plugged and what is taped is done when every pin of it has its masks. */
    private function tickMasks(Batch $batch, User $by): void
    {
        $masks = PartMasks::of($batch);
        if ($masks->allOn(fn (Pin $pin): bool => $pin->kind->isPlugged())) {
            CompleteStep::masked($batch, $by, StepKind::PlugMask);
        }
        $taped = fn (Pin $pin): bool => $pin->kind->isMasked() && ! $pin->kind->isPlugged();
        if ($masks->allOn($taped)) {
            CompleteStep::masked($batch, $by, StepKind::TapeMask);
        }
    }

    public function off(Request $request, MaskApplication $application): RedirectResponse
    {
        $application->pin->part->job->mustBeOpen();
        $in = $request->validate(
            ['removed' => ['required', 'integer', 'between:0,100000']],
            ['removed.*' => 'Counted off is not a count; allowed: 0 to 100000.'],
        );
        if ($in['removed'] > $application->fitted) {
            throw ValidationException::withMessages([
                'removed' => "Counted off is {$in['removed']}; allowed: up to {$application->fitted}, as many as went "
                    .'on. More came off than went on: look for the other pin.',
            ]);
        }
        $application->update([
            'removed' => $in['removed'],
            'removed_by' => $this->person($request)->id,
            'removed_at' => ShopClock::now(),
        ]);
        $batch = $application->batch;
        if ($batch !== null && ! PartMasks::anyOn($batch)) {
            CompleteStep::logged($batch, $this->person($request), null, StepKind::MasksOff, StepKind::Unmask);
        }

        return back()->with(
            'said',
            $application->isOff()
                ? "Pin {$application->pin->number}: all off."
                : "Pin {$application->pin->number}: ".($application->fitted - $in['removed']).' still on somewhere.',
        );
    }

    public function withdraw(Request $request, MaskApplication $application): RedirectResponse
    {
        $application->pin->part->job->mustBeOpen();
        $application->withdraw($this->person($request), ShopClock::now());

        return back()->with('said', 'That fitting is taken back.');
    }

    public function hang(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $part = $batch->part;
        $length = fn (float $most): array => ['required', MeasuredQuantity::above(Dimension::Length, 0, $most)];
        $in = $request->validate([
            'across' => ['required', 'integer', 'between:1,200'],
            'rows' => ['required', 'integer', 'between:1,50'],
            'hooks' => ['required', 'integer', 'between:1,20'],
            'pitch' => $length(20000),
            'drop' => $length(20000),
            'along' => $length(20000),
            'up' => $length(20000),
            'deep' => $length(20000),
            'jigged' => ['nullable', 'boolean'],
            'drain' => ['nullable', 'string', 'max:120'],
        ]);
        $mm = fn (string $key): float => (float) MeasuredQuantity::read(Dimension::Length, $in[$key]);
        SetRack::save(
            $part,
            RackSetting::of(
                [$mm('along'), $mm('up'), $mm('deep')],
                (int) $in['across'],
                (int) $in['rows'],
                $mm('pitch'),
                $mm('drop'),
                (int) $in['hooks'],
                ! empty($in['jigged']),
                trim((string) ($in['drain'] ?? '')) ?: null,
            ),
        );

        CompleteStep::logged($batch, $this->person($request), null, StepKind::Hang);

        return redirect("/station/mask-and-hang?lot={$batch->id}")->with(
            'said',
            'Hung. The oven knows how much of its wall the part sees.',
        );
    }

    public function ground(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $in = $request->validate(
            [
                'ohm' => ['required', 'numeric', 'between:0,1000000000000'],
                'unit' => ['required', Rule::in(['1', '1000', '1000000'])],
                'volts' => ['nullable', Rule::in(array_keys(GroundReading::METERS))],
            ],
            ['ohm.*' => 'Enter part to ground as a resistance (0 or more).'],
        );
        $ohm = (float) $in['ohm'] * (float) $in['unit'];
        $ground = Ground::of($ohm);
        $volts = isset($in['volts']) ? (float) $in['volts'] : null;
        GroundReading::write($batch, $ohm, $this->person($request), $volts);
        if ($ground->passes()) {
            CompleteStep::logged($batch, $this->person($request), null, StepKind::GroundCheck);
        }

        return redirect("/station/mask-and-hang?lot={$batch->id}")->with('said', $ground->says());
    }

    /** How many there are, counted anew. */
    public function count(Request $request, Mask $mask): RedirectResponse
    {
        $in = $request->validate(['held' => ['required', 'integer', 'between:0,1000000']]);
        $mask->update(['held' => (int) $in['held']]);

        return redirect('/station/mask-and-hang')->with('said', "{$mask->name}: {$mask->held} counted.");
    }

    public function stock(Request $request): RedirectResponse
    {
        $in = $request->validate(
            [
                'name' => ['required', 'string', 'max:120'],
                'kind' => ['required', Rule::enum(MaskKind::class)],
                'material' => ['required', Rule::enum(MaskMaterial::class)],
                'from' => ['required', MeasuredQuantity::above(Dimension::Length, 0, 5000)],
                'to' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 5000)],
                'rated' => ['nullable', new MeasuredQuantity(Dimension::Temperature, 60, 400)],
                'held' => ['required', 'integer', 'between:0,1000000'],
            ],
            ['from.required' => 'From is empty; the least size it seals, or the width of the tape.'],
        );
        $from = (float) MeasuredQuantity::read(Dimension::Length, $in['from']);
        $to = MeasuredQuantity::read(Dimension::Length, $in['to'] ?? null) ?? $from;
        if ($to < $from) {
            throw ValidationException::withMessages([
                'to' => 'To is smaller than from; allowed: as large or larger.',
            ]);
        }
        Mask::query()->create([
            'name' => $in['name'],
            'kind' => $in['kind'],
            'material' => $in['material'],
            'from_mm' => $from,
            'to_mm' => $to,
            'rated_c' => MeasuredQuantity::read(Dimension::Temperature, $in['rated'] ?? null) ??
                MaskMaterial::from($in['material'])->ratedC(),
            'held' => $in['held'],
        ]);

        return redirect('/station/mask-and-hang')->with('said', "{$in['name']} is on the shelf.");
    }

    public function retire(Request $request, Mask $mask): RedirectResponse
    {
        $mask->update(['retired_at' => ShopClock::now(), 'retired_by' => $this->person($request)->id]);

        return redirect('/station/mask-and-hang')->with('said', "{$mask->name} is off the shelf.");
    }
}

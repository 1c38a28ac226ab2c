<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Hang\Ground as Earth;
use Aenum\Core\Hang\HookSize;
use Aenum\Core\Hang\RackSetting;
use Aenum\Core\Mask\MaskKind;
use Aenum\Core\Mask\MaskMaterial;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Bench\Air;
use App\Actions\Bench\BenchPick;
use App\Actions\Log\CoolingClock;
use App\Actions\Log\Ground;
use App\Actions\Lot\TickStep;
use App\Actions\Mask\Hooks;
use App\Actions\Mask\MasksOfPart;
use App\Actions\Mask\RackOfPart;
use App\Charts\RackDrawing;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Fitting;
use App\Models\Lot;
use App\Models\Mask;
use App\Models\Pin;
use App\Models\User;
use App\Rules\Measured;
use App\Support\ShopClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The mask and hang bench: what goes on at each pin, how it hangs, and whether it is earthed. */
final class MaskController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::MaskAndHang, $request);
        $part = $pick->part;
        $route = $pick->route;
        $rack = $part === null ? null : RackOfPart::of($part, $route);

        return view('stations.mask', [
            'pick' => $pick,
            'masks' => $pick->lot === null ? null : MasksOfPart::of($pick->lot, $route),
            'rack' => $rack,
            'drawing' => $rack === null ? null : new RackDrawing($rack->rack),
            'shelf' => Mask::query()->whereNull('retired_at')->orderBy('kind')->orderBy('from_mm')->get(),
            'ground' => $part === null ? null : Ground::latest($part, $pick->lot),
            'hooks' => $part === null ? null : Hooks::of($part),
            'bare' => $pick->lot?->bareSteelClock(),
            'air' => Air::latest()?->line,
        ]);
    }

    /** Hooks were burnt or blasted clean: their bakes count from here. */
    public function hooksCleaned(Request $request): RedirectResponse
    {
        $in = $request->validate(
            ['size' => ['required', Rule::enum(HookSize::class)]],
            ['size.*' => 'Size is not one of the hooks; allowed: fine, medium, heavy, chain.'],
        );
        Hooks::cleaned(HookSize::from($in['size']), $this->person($request));

        return back()->with('said', 'Cleaned; their bakes count from here.');
    }

    public function fit(Request $request, Pin $pin): RedirectResponse
    {
        $pin->part->job->mustBeOpen();
        $in = $request->validate(
            [
                'mask' => ['nullable', Rule::exists('masks', 'id')->whereNull('retired_at')],
                'fitted' => ['required', 'integer', 'between:1,100000'],
                'lot' => ['required', Rule::exists('lots', 'id')->where('part_id', $pin->part_id)],
            ],
            ['fitted.*' => 'Fitted is not a count; allowed: 1 to 100000.'],
        );
        $lot = Lot::query()->findOrFail((int) $in['lot']);
        $lot->mustBeOpen();
        CoolingClock::refuseHot($lot, 'fitted', 'masks');
        DB::transaction(function () use ($in, $pin, $lot, $request): void {
            $held = Pin::held($pin->id);
            if ($held->withdrawn_at !== null) {
                throw ValidationException::withMessages([
                    'fitted' => "Pin {$held->number} was withdrawn; nothing is masked there any more.",
                ]);
            }
            MasksOfPart::mustBeOnShelf((int) ($in['mask'] ?? 0), (int) $in['fitted']);
            $on = $held->fittings()->where('lot_id', $lot->id);
            if ($on->whereRaw('(removed is null or removed < fitted)')->exists()) {
                throw ValidationException::withMessages([
                    'fitted' => "Pin {$pin->number} has masks on already; count those off first.",
                ]);
            }
            Fitting::query()->create([
                'pin_id' => $pin->id,
                'lot_id' => $lot->id,
                'mask_id' => $in['mask'] ?? null,
                'fitted' => $in['fitted'],
                'user_id' => $this->person($request)->id,
                'at' => ShopClock::now(),
            ]);
            $this->tickMasks($lot->refresh(), $this->person($request));
        });

        return redirect("/station/mask-and-hang?lot={$lot->id}")->with(
            'said',
            "Pin {$pin->number}: {$in['fitted']} on.",
        );
    }

    /** What is plugged and what is taped is done when every pin of it has its masks. */
    private function tickMasks(Lot $lot, User $by): void
    {
        $masks = MasksOfPart::of($lot);
        if ($masks->allOn(fn (Pin $pin): bool => $pin->kind->isPlugged())) {
            TickStep::masked($lot, $by, StepKind::PlugMask);
        }
        $taped = fn (Pin $pin): bool => $pin->kind->isMasked() && ! $pin->kind->isPlugged();
        if ($masks->allOn($taped)) {
            TickStep::masked($lot, $by, StepKind::TapeMask);
        }
    }

    public function off(Request $request, Fitting $fitting): RedirectResponse
    {
        $fitting->pin->part->job->mustBeOpen();
        $in = $request->validate(
            ['removed' => ['required', 'integer', 'between:0,100000']],
            ['removed.*' => 'Counted off is not a count; allowed: 0 to 100000.'],
        );
        if ($in['removed'] > $fitting->fitted) {
            throw ValidationException::withMessages([
                'removed' => "Counted off is {$in['removed']}; allowed: up to {$fitting->fitted}, as many as went "
                    .'on. More came off than went on: look for the other pin.',
            ]);
        }
        $fitting->update([
            'removed' => $in['removed'],
            'removed_by' => $this->person($request)->id,
            'removed_at' => ShopClock::now(),
        ]);
        $lot = $fitting->lot;
        if ($lot !== null && ! MasksOfPart::anyOn($lot)) {
            TickStep::logged($lot, $this->person($request), null, StepKind::MasksOff, StepKind::Unmask);
        }

        return back()->with(
            'said',
            $fitting->isOff()
                ? "Pin {$fitting->pin->number}: all off."
                : "Pin {$fitting->pin->number}: ".($fitting->fitted - $in['removed']).' still on somewhere.',
        );
    }

    public function withdraw(Request $request, Fitting $fitting): RedirectResponse
    {
        $fitting->pin->part->job->mustBeOpen();
        $fitting->withdraw($this->person($request), ShopClock::now());

        return back()->with('said', 'That fitting is taken back.');
    }

    public function hang(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $part = $lot->part;
        $length = fn (float $most): array => ['required', Measured::above(Dimension::Length, 0, $most)];
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
        $mm = fn (string $key): float => (float) Measured::read(Dimension::Length, $in[$key]);
        RackOfPart::save(
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

        TickStep::logged($lot, $this->person($request), null, StepKind::Hang);

        return redirect("/station/mask-and-hang?lot={$lot->id}")->with(
            'said',
            'Hung. The oven knows how much of its wall the part sees.',
        );
    }

    public function ground(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $in = $request->validate(
            [
                'ohm' => ['required', 'numeric', 'between:0,1000000000000'],
                'unit' => ['required', Rule::in(['1', '1000', '1000000'])],
                'volts' => ['nullable', Rule::in(array_keys(Ground::METERS))],
            ],
            ['ohm.*' => 'Enter part to ground as a resistance (0 or more).'],
        );
        $ohm = (float) $in['ohm'] * (float) $in['unit'];
        $earth = Earth::of($ohm);
        $volts = isset($in['volts']) ? (float) $in['volts'] : null;
        Ground::write($lot, $ohm, $this->person($request), $volts);
        if ($earth->passes()) {
            TickStep::logged($lot, $this->person($request), null, StepKind::GroundCheck);
        }

        return redirect("/station/mask-and-hang?lot={$lot->id}")->with('said', $earth->says());
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
                'from' => ['required', Measured::above(Dimension::Length, 0, 5000)],
                'to' => ['nullable', Measured::above(Dimension::Length, 0, 5000)],
                'rated' => ['nullable', new Measured(Dimension::Temperature, 60, 400)],
                'held' => ['required', 'integer', 'between:0,1000000'],
            ],
            ['from.required' => 'From is empty; the least size it seals, or the width of the tape.'],
        );
        $from = (float) Measured::read(Dimension::Length, $in['from']);
        $to = Measured::read(Dimension::Length, $in['to'] ?? null) ?? $from;
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
            'rated_c' => Measured::read(Dimension::Temperature, $in['rated'] ?? null) ??
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

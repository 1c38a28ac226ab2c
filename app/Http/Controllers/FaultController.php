<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Inspect\FaultCause;
use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Inspect\ReworkWay;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\Station;
use App\Actions\Inspect\FaultBoard;
use App\Actions\Inspect\MendFault;
use App\Actions\Inspect\Spots;
use App\Actions\Inspect\Stack;
use App\Actions\Lot\LotWalk;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Fault;
use App\Models\Lot;
use App\Models\Pin;
use App\Models\Rework;
use App\Rules\Measured;
use App\Support\ShopClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Faults: pinned, explained, decided on, closed with their cause. */
final class FaultController
{
    use KnowsWhoAsks;

    private const OPEN_SHOWN = 60;

    /** How each fault looks, what does it, what to do; and those that are open. */
    public function index(): View
    {
        $open = Fault::standing()->with(['lot.part.job', 'lot.part.lots', 'reworks']);
        $open->where('kind', '!=', FaultKind::AgreedPits)->orderByDesc('id')->limit(self::OPEN_SHOWN);

        return view('faults.index', [
            'kinds' => FaultKind::cases(),
            'open' => $open->get()->filter(fn (Fault $one): bool => $one->isOpen())->values(),
        ]);
    }

    public function create(Request $request, Lot $lot): View
    {
        $walk = LotWalk::of($lot->loadMissing(['part.pins', 'part.pictures', 'part.job']));
        $spot = (string) $request->string('spot');
        $pin = Spots::pin($spot, $lot->part) ?? $lot->part->pins->firstWhere('id', $request->integer('pin'));
        $wanted = $request->query('picture');

        return view('faults.create', [
            'lot' => $lot,
            'kind' => FaultKind::tryFrom((string) $request->string('kind')),
            'pin' => $pin,
            'coats' => $walk->coats->on(),
            'top' => Stack::of($walk)?->top,
            'picture' => $wanted === 'drawing'
                ? null
                : $lot->part->pictures->firstWhere('id', (int) $wanted)
                    ?? ($pin === null ? $lot->part->picturePinned() : $lot->part->pictures->firstWhere(
                        'id',
                        $pin->picture_id,
                    )),
        ]);
    }

    public function store(Request $request, Lot $lot): RedirectResponse
    {
        $in = $request->validate([
            'kind' => ['required', Rule::enum(FaultKind::class)],
            'pieces' => ['required', 'integer', "between:1,{$lot->count}"],
            'coat' => ['nullable', Rule::exists('coats', 'id')->where('part_id', $lot->part_id)],
            'pin' => ['nullable', Rule::exists('pins', 'id')->where('part_id', $lot->part_id)],
            'picture_id' => ['nullable', Rule::exists('pictures', 'id')->where('part_id', $lot->part_id)],
            'across' => ['nullable', 'numeric', 'between:0,100'],
            'down' => ['nullable', 'numeric', 'between:0,100'],
            'size' => ['nullable', Measured::above(Dimension::Length, 0, 10000)],
            'to_metal' => ['nullable', Rule::in(['yes', 'no'])],
            'note' => ['nullable', 'string', 'max:300'],
        ], [
            'kind.*' => 'What is wrong is not picked.',
            'pieces.*' => "Pieces is not a count; allowed: 1 to {$lot->count}.",
            'across.*' => 'Across is not a share; allowed: 0 to 100 %.',
            'down.*' => 'Down is not a share; allowed: 0 to 100 %.',
        ]);
        if (! in_array($lot->fate, ['open', 'released'], true)) {
            throw ValidationException::withMessages(['kind' => ucfirst($lot->partName())." is {$lot->fate}."]);
        }
        $pin = isset($in['pin']) ? Pin::query()->findOrFail((int) $in['pin']) : null;
        $share = fn (string $key): ?float => isset($in[$key]) ? (float) $in[$key] / 100 : null;
        $fault = Fault::query()->create([
            'part_id' => $lot->part_id,
            'lot_id' => $lot->id,
            'coat_id' => $in['coat'] ?? Stack::of(LotWalk::of($lot))?->top->id,
            'kind' => $in['kind'],
            'pin_id' => $pin?->id,
            'picture_id' => $in['picture_id'] ?? $pin?->picture_id,
            'x' => $share('across') ?? $pin?->x,
            'y' => $share('down') ?? $pin?->y,
            'size_mm' => Measured::read(Dimension::Length, $in['size'] ?? null),
            'pieces' => (int) $in['pieces'],
            'to_metal' => isset($in['to_metal']) ? $in['to_metal'] === 'yes' : null,
            'note' => $in['note'] ?? null,
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return redirect("/faults/{$fault->id}")->with('said', ucfirst("{$fault->kind->label()}: pinned."));
    }

    public function show(Fault $fault): View
    {
        $fault->load(['user', 'reworks.user', 'reworks.steps', 'coat.powder', 'pin']);
        $fault->lot->loadMissing(['part.job.customer', 'part.lots', 'part.pins', 'part.pictures']);
        $fault->setRelation('part', $fault->lot->part);

        return view('faults.show', ['fault' => $fault, 'board' => FaultBoard::of($fault)]);
    }

    /** One was broken open and looked at. */
    public function opened(Request $request, Fault $fault): RedirectResponse
    {
        $fault->part->job->mustBeOpen();
        $in = $request->validate(['to_metal' => ['required', Rule::in(['yes', 'no'])]]);
        $fault->update(['to_metal' => $in['to_metal'] === 'yes']);

        return redirect("/faults/{$fault->id}")->with('said', 'Written down.');
    }

    public function mend(Request $request, Fault $fault, MendFault $mend): RedirectResponse
    {
        $in = $request->validate([
            'way' => ['required', Rule::enum(ReworkWay::class)],
            'agreed_by' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:300'],
        ], ['way.*' => 'Way is not picked.']);
        $way = ReworkWay::from($in['way']);
        $lot = $mend->choose($fault, $way, $in['agreed_by'] ?? null, $in['note'] ?? null, $this->person($request));
        $bench = $lot->station === Station::Release ? 'release' : 'inspect';

        return redirect("/station/{$bench}?lot={$lot->id}")->with('said', match ($way) {
            ReworkWay::Accept => "Accepted by {$in['agreed_by']}; the record says so.",
            default => ucfirst("{$way->label()}: on the route of {$lot->title()} now."),
        });
    }

    public function lieOn(Request $request, Fault $fault, MendFault $mend): RedirectResponse
    {
        $in = $request->validate([
            'lot' => ['required', Rule::exists('lots', 'id')->where('part_id', $fault->part_id)],
        ], ['lot.*' => 'Lot is not one of this part.']);
        $lot = Lot::query()->findOrFail((int) $in['lot']);
        $mend->lieOn($fault, $lot);

        return redirect("/faults/{$fault->id}")->with('said', "It lies on {$lot->title()}; the others are free of it.");
    }

    public function close(Request $request, Fault $fault, MendFault $mend): RedirectResponse
    {
        $in = $request->validate([
            'cause' => ['nullable', Rule::enum(FaultCause::class)],
        ], ['cause.*' => 'Cause is not one of the list.']);
        $mend->close($fault, FaultCause::tryFrom($in['cause'] ?? ''), $this->person($request));

        return redirect("/faults/{$fault->id}")->with('said', 'Closed; what it came from is kept.');
    }

    public function takeBack(Request $request, Rework $rework, MendFault $mend): RedirectResponse
    {
        $rework->lot->part->job->mustBeOpen();
        $mend->takeBack($rework, $this->person($request));

        return redirect("/faults/{$rework->fault_id}")->with('said', 'Taken back: decide anew.');
    }

    public function withdraw(Request $request, Fault $fault): RedirectResponse
    {
        if ($fault->reworks->isNotEmpty()) {
            throw ValidationException::withMessages([
                'way' => 'Something was decided on it: the fault stays on record.',
            ]);
        }
        $fault->withdraw($this->person($request), ShopClock::now());

        return redirect("/station/inspect?lot={$fault->lot_id}")->with('said', 'The fault is taken back.');
    }
}

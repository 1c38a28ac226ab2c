<?php

declare(strict_types=1);

namespace App\Inspection\Http\Controllers;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Inspection\Commands\DecideDisposition;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Rework;
use App\Inspection\Queries\FilmSpots;
use App\Inspection\Queries\FilmStack;
use App\Inspection\ViewModels\DefectViewModel;
use App\Intake\Models\Batch;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Defects: recorded, explained, decided, closed. */
final class DefectController
{
    use RequiresUser;

    private const OPEN_SHOWN = 60;

    /** How each fault looks, what does it, what to do; and those that are open. */
    public function index(): View
    {
        $open = Defect::standing()->with(['batch.part.job', 'batch.part.batches', 'reworks']);
        $open->where('kind', '!=', DefectKind::AgreedPits)->orderByDesc('id')->limit(self::OPEN_SHOWN);

        return view('inspection.defects.index', [
            'kinds' => DefectKind::cases(),
            'open' => $open->get()->filter(fn (Defect $one): bool => $one->isOpen())->values(),
        ]);
    }

    public function create(Request $request, Batch $batch): View
    {
        $walk = RoutingProgress::of($batch->loadMissing(['part.pins', 'part.pictures', 'part.job']));
        $spot = (string) $request->string('spot');
        $pin = FilmSpots::pin($spot, $batch->part) ?? $batch->part->pins->firstWhere('id', $request->integer('pin'));
        $wanted = $request->query('picture');

        return view('inspection.defects.create', [
            'batch' => $batch,
            'kind' => DefectKind::tryFrom((string) $request->string('kind')),
            'pin' => $pin,
            'coats' => $walk->coats->on(),
            'top' => FilmStack::of($walk)?->top,
            'picture' => $wanted === 'drawing'
                ? null
                : $batch->part->pictures->firstWhere('id', (int) $wanted)
                    ?? ($pin === null ? $batch->part->picturePinned() : $batch->part->pictures->firstWhere(
                        'id',
                        $pin->picture_id,
                    )),
        ]);
    }

    public function store(Request $request, Batch $batch): RedirectResponse
    {
        $in = $request->validate([
            'kind' => ['required', Rule::enum(DefectKind::class)],
            'pieces' => ['required', 'integer', "between:1,{$batch->count}"],
            'coat' => ['nullable', Rule::exists('coats', 'id')->where('part_id', $batch->part_id)],
            'pin' => ['nullable', Rule::exists('pins', 'id')->where('part_id', $batch->part_id)],
            'picture_id' => ['nullable', Rule::exists('pictures', 'id')->where('part_id', $batch->part_id)],
            'across' => ['nullable', 'numeric', 'between:0,100'],
            'down' => ['nullable', 'numeric', 'between:0,100'],
            'size' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 10000)],
            'to_metal' => ['nullable', Rule::in(['yes', 'no'])],
            'note' => ['nullable', 'string', 'max:300'],
        ], [
            'kind.*' => 'What is wrong is not picked.',
            'pieces.*' => "Pieces is not a count; allowed: 1 to {$batch->count}.",
            'across.*' => 'Across is not a share; allowed: 0 to 100 %.',
            'down.*' => 'Down is not a share; allowed: 0 to 100 %.',
        ]);
        if (! in_array($batch->status, ['open', 'released'], true)) {
            throw ValidationException::withMessages(['kind' => ucfirst($batch->partName())." is {$batch->status}."]);
        }
        $pin = isset($in['pin']) ? Pin::query()->findOrFail((int) $in['pin']) : null;
        $share = fn (string $key): ?float => isset($in[$key]) ? (float) $in[$key] / 100 : null;
        $defect = Defect::query()->create([
            'part_id' => $batch->part_id,
            'batch_id' => $batch->id,
            'coat_id' => $in['coat'] ?? FilmStack::of(RoutingProgress::of($batch))?->top->id,
            'kind' => $in['kind'],
            'pin_id' => $pin?->id,
            'picture_id' => $in['picture_id'] ?? $pin?->picture_id,
            'x' => $share('across') ?? $pin?->x,
            'y' => $share('down') ?? $pin?->y,
            'size_mm' => MeasuredQuantity::read(Dimension::Length, $in['size'] ?? null),
            'pieces' => (int) $in['pieces'],
            'to_metal' => isset($in['to_metal']) ? $in['to_metal'] === 'yes' : null,
            'note' => $in['note'] ?? null,
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return redirect("/defects/{$defect->id}")->with('said', ucfirst("{$defect->kind->label()}: pinned."));
    }

    public function show(Defect $defect): View
    {
        $defect->load([
            'user', 'reworks.user', 'reworks.steps', 'coat.powder', 'pin',
            ...array_map(fn (string $name): string => "batch.{$name}", [
                ...BatchSnapshot::relations(), 'part.job.customer', 'part.job.moves', 'part.pictures', 'part.clocks',
                'part.pins.fittings', 'part.sprayings.zones', 'part.sprayings.checks', 'part.sprayings.powderLot',
                'part.sprayings.gun', 'part.sprayings.user', 'part.coats.results.ovenLoad.oven',
            ]),
        ]);
        $defect->setRelation('part', $defect->batch->part->knit());

        return view('inspection.defects.show', ['defect' => $defect, 'board' => DefectViewModel::of($defect)]);
    }

    /** One was broken open and looked at. */
    public function opened(Request $request, Defect $defect): RedirectResponse
    {
        $defect->part->job->mustBeOpen();
        $in = $request->validate(['to_metal' => ['required', Rule::in(['yes', 'no'])]]);
        $defect->update(['to_metal' => $in['to_metal'] === 'yes']);

        return redirect("/defects/{$defect->id}")->with('said', 'Written down.');
    }

    public function decide(Request $request, Defect $defect, DecideDisposition $disposition): RedirectResponse
    {
        $in = $request->validate([
            'way' => ['required', Rule::enum(ReworkMethod::class)],
            'agreed_by' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:300'],
        ], ['way.*' => 'Way is not picked.']);
        $way = ReworkMethod::from($in['way']);
        $by = $this->person($request);
        $batch = $disposition->choose($defect, $way, $in['agreed_by'] ?? null, $in['note'] ?? null, $by);
        $bench = $batch->station === Station::Release ? 'release' : 'inspect';

        return redirect("/station/{$bench}?lot={$batch->id}")->with('said', match ($way) {
            ReworkMethod::Accept => "Accepted by {$in['agreed_by']}; the record says so.",
            default => ucfirst("{$way->label()}: on the route of {$batch->title()} now."),
        });
    }

    public function moveToBatch(Request $request, Defect $defect, DecideDisposition $disposition): RedirectResponse
    {
        $in = $request->validate([
            'lot' => ['required', Rule::exists('batches', 'id')->where('part_id', $defect->part_id)],
        ], ['lot.*' => 'Lot is not one of this part.']);
        $batch = Batch::query()->findOrFail((int) $in['lot']);
        $disposition->moveToBatch($defect, $batch);

        return redirect("/defects/{$defect->id}")->with(
            'said',
            "It lies on {$batch->title()}; the others are free of it.",
        );
    }

    public function close(Request $request, Defect $defect, DecideDisposition $disposition): RedirectResponse
    {
        $in = $request->validate([
            'cause' => ['nullable', Rule::enum(DefectCause::class)],
        ], ['cause.*' => 'Cause is not one of the list.']);
        $disposition->close($defect, DefectCause::tryFrom($in['cause'] ?? ''), $this->person($request));

        return redirect("/defects/{$defect->id}")->with('said', 'Closed; what it came from is kept.');
    }

    public function withdrawRework(Request $request, Rework $rework, DecideDisposition $disposition): RedirectResponse
    {
        $rework->batch->part->job->mustBeOpen();
        $disposition->withdraw($rework, $this->person($request));

        return redirect("/defects/{$rework->defect_id}")->with('said', 'Taken back: decide again.');
    }

    public function withdraw(Request $request, Defect $defect): RedirectResponse
    {
        if ($defect->reworks->isNotEmpty()) {
            throw ValidationException::withMessages([
                'way' => 'Something was decided on it: the fault stays on record.',
            ]);
        }
        $defect->withdraw($this->person($request), ShopClock::now());

        return redirect("/station/inspect?lot={$defect->batch_id}")->with('said', 'The fault is taken back.');
    }
}

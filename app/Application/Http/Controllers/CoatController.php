<?php

declare(strict_types=1);

namespace App\Application\Http\Controllers;

use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Nozzle;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PreOven;
use Aenum\Core\Application\UncuredGauge;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Application\Commands\SprayCoat;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;
use App\Application\Queries\ColorChanges;
use App\Application\Queries\FilmReadingsInput;
use App\Application\Queries\GroundChecks;
use App\Application\Queries\UncuredReadingsInput;
use App\Application\Simulated\SimulatedFilmGauge;
use App\Application\Simulated\SimulatedScale;
use App\Application\ViewModels\CoatViewModel;
use App\Application\ViewModels\PowderAir;
use App\Catalog\Models\Gun;
use App\Catalog\Models\GunProgram;
use App\Catalog\Models\PowderLot;
use App\Inspection\Models\Weight;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Demo\SimulatedDevices;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Queries\LatestAir;
use App\Routing\Commands\RunTimer;
use App\Routing\Commands\WriteLog;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\StationQueue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The coat station: settings, passes, powder; weigh, spray, check the uncured powder, record. */
final class CoatController
{
    use ReadsBatchInHand;
    use RequiresUser;

    /** What is turned on the whole bench. */
    private const TURNED = ['gun', 'program', 'openness', 'film', 'flow', 'hand', 'overlap', 'zone'];

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Coat, $request, [...BatchSnapshot::relations(), 'part.coats.powder.lots']);
        [$turned, $gun] = $this->turned($request);

        $board = CoatViewModel::of($pick, $turned, $gun?->id);

        return view('application.coat-station', [
            'pick' => $pick,
            'board' => $board,
            'air' => LatestAir::latest()?->line,
            'ground' => GroundChecks::now($pick->part),
            'changes' => ColorChanges::today($pick->batches),
            'last' => $pick->batch === null || $board !== null ? null : $this->lastDone($pick->batch),
        ]);
    }

    public function weigh(Request $request, Batch $batch, SprayCoat $spray): RedirectResponse
    {
        $in = $request->validate([
            'weighed' => ['nullable', MeasuredQuantity::above(Dimension::Powder, 0, 100000)],
            'powder_lot' => ['nullable', Rule::exists('powder_lots', 'id')],
            'note' => ['nullable', 'string', 'max:300'],
            'respirator' => ['accepted'],
        ], ['respirator.*' => 'Confirm that the respirator is on before the gun goes up.']);
        [$turned, $gun, $program] = $this->turned($request);
        $board = CoatViewModel::of(StationQueue::at(Station::Coat, $batch->id), $turned, $gun?->id);
        if ($board === null) {
            $why = "No coat is due on {$batch->partName()} at Coat.";
            throw ValidationException::withMessages(['weighed' => $why]);
        }
        SprayCoat::mayBegin($board, $in['note'] ?? null);
        $from = empty($in['powder_lot']) ? null : PowderLot::query()->findOrFail((int) $in['powder_lot']);
        if ($from !== null && $from->powder_id !== $board->coat->powder_id) {
            throw ValidationException::withMessages([
                'powder_lot' => "Lot is not one of {$board->coat->powder->name}.",
            ]);
        }
        $grams = MeasuredQuantity::read(Dimension::Powder, $in['weighed'] ?? null);
        $note = $in['note'] ?? null;
        $spray->weighOut($board, $grams, $from, $program?->number, $note, $this->person($request), respirator: true);

        return $this->to($batch, $grams === null ? 'Begun, not weighed.' : 'Weighed out. Recesses first.');
    }

    public function tick(Request $request, Spraying $spraying, SprayingZone $zone, SprayCoat $spray): RedirectResponse
    {
        abort_unless($zone->spraying_id === $spraying->id, 404);
        $in = $request->validate([
            'kv' => ['nullable', 'numeric', 'between:0,200'],
            'ua' => ['nullable', 'numeric', 'between:0,1000'],
            'air' => ['nullable', 'numeric', 'gt:0', 'max:10000'],
            'passes' => ['nullable', 'integer', 'between:0,60'],
        ]);
        if ($request->boolean('undo')) {
            $spray->untickZone($zone);

            return $this->to($spraying->batch, ucfirst("{$zone->name} is open again."));
        }
        $number = fn (string $key): ?float => isset($in[$key]) ? (float) $in[$key] : null;
        $spray->tickZone($zone, [
            'kv' => $number('kv'),
            'ua' => $number('ua'),
            'air' => PowderAir::ratio($spraying->gun, $number('air')),
            'passes' => isset($in['passes']) ? (int) $in['passes'] : null,
        ], $this->person($request));

        return $this->to($spraying->batch, ucfirst("{$zone->name}: done."));
    }

    public function check(Request $request, Spraying $spraying, SprayCoat $spray): RedirectResponse
    {
        $in = $request->validate([
            'what' => ['required', Rule::enum(PreOven::class)],
            'pin' => ['nullable', Rule::exists('pins', 'id')->where('part_id', $spraying->part_id)],
        ]);
        $pin = isset($in['pin']) ? (int) $in['pin'] : null;
        $spray->check($spraying, PreOven::from($in['what']), $pin, $this->person($request));

        return $this->to($spraying->batch, 'Looked at.');
    }

    public function done(Request $request, Spraying $spraying, SprayCoat $spray): RedirectResponse
    {
        $in = $request->validate([
            'pieces' => ['required', 'integer', 'between:1,10000'],
            'back' => ['nullable', new MeasuredQuantity(Dimension::Powder, 0, 100000)],
            'minutes' => ['nullable', 'numeric', 'gt:0', 'max:10080'],
            'part_is' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 300)],
            'raw' => ['nullable', 'string', 'max:20000'],
            'raw_kind' => ['nullable', Rule::enum(UncuredGauge::class)],
            'file' => ['nullable', 'file', 'max:2048'],
            'unit' => ['nullable', Rule::in(array_keys(FilmReadingsInput::UNITS))],
            'note' => ['nullable', 'string', 'max:300'],
        ], [
            'pieces.*' => 'Pieces is not a count; allowed: 1 and more.',
            'minutes.*' => 'Minutes is not a time; allowed: above 0 to 10080.',
            'file.*' => 'The gauge\'s file is not readable; allowed: a CSV up to 2 MB.',
        ]);
        $board = $this->board($spraying);
        $open = $board === null ? [] : array_filter($board->checks(), fn (array $one): bool => ! $one['ticked']);
        $left = $spraying->passesLeft();
        if (($open !== [] || $left > 0) && trim((string) ($in['note'] ?? '')) === '') {
            $what = $left > 0 ? "{$left} passes are not ticked" : count($open).' looks before the oven are not ticked';
            throw ValidationException::withMessages(['note' => "Note is empty; {$what}, so write why it goes on."]);
        }
        $batch = $spray->done($spraying, (int) $in['pieces'], [
            'back_g' => MeasuredQuantity::read(Dimension::Powder, $in['back'] ?? null),
            'minutes' => isset($in['minutes']) ? (float) $in['minutes'] : null,
            'part_c' => MeasuredQuantity::read(Dimension::Temperature, $in['part_is'] ?? null),
            ...UncuredReadingsInput::of(
                $spraying->powder,
                isset($in['raw_kind']) ? UncuredGauge::from($in['raw_kind']) : null,
                $in['raw'] ?? null,
                $request->file('file'),
                $in['unit'] ?? null,
            ),
            'note' => $in['note'] ?? null,
        ], $this->person($request));
        $stays = $batch->id === $spraying->batch_id ? 0 : $spraying->batch->refresh()->count;

        return $this->to($batch, "{$spraying->powder->name} is on {$batch->count}."
            .($stays > 0 ? " {$stays} stay without it." : ''));
    }

    public function blowOff(Request $request, Spraying $spraying, SprayCoat $spray): RedirectResponse
    {
        $in = $request->validate([
            'why' => ['required', 'string', 'max:300'],
            'back' => ['nullable', new MeasuredQuantity(Dimension::Powder, 0, 100000)],
        ], ['why.required' => 'Why is empty; a few words on what was wrong.']);
        $back = MeasuredQuantity::read(Dimension::Powder, $in['back'] ?? null);
        $spray->blowOff($spraying, $in['why'], $back, $this->person($request));

        return $this->to($spraying->batch, 'Blown off: the coat is due again.');
    }

    public function ground(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'ohm_of' => ['required', Rule::in(array_keys(GroundChecks::OF))],
            'ohm' => ['required', 'numeric', 'between:0,1e12'],
        ], ['ohm.*' => 'Enter resistance to ground in Ω (0 or more), such as 1200 or 2e6.']);
        GroundChecks::write($in['ohm_of'], (float) $in['ohm'], $this->person($request));

        return redirect('/station/coat')->with('said', ucfirst(GroundChecks::OF[$in['ohm_of']]).': written down.');
    }

    public function changed(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'from' => ['required', 'string', 'max:120'],
            'to' => ['required', 'string', 'max:120'],
            'planned' => ['required', 'numeric', 'between:0.1,1440'],
            'took' => ['required', 'numeric', 'between:0.1,1440'],
            'done' => ['required', 'array', 'min:'.count(ColorChange::STEPS)],
            'done.*' => [Rule::in(array_keys(ColorChange::STEPS))],
        ], [
            'took.*' => 'The change took is not a time; allowed: 0.1 to 1440 min.',
            'done.*' => 'Not everything is ticked; tick each as it is done, the first comes first.',
        ]);
        WriteLog::line(ColorChanges::KIND, mb_substr("{$in['from']} > {$in['to']}", 0, 80), [
            'planned_min' => (float) $in['planned'],
            'actual_min' => (float) $in['took'],
        ], $this->person($request));

        return redirect('/station/coat')->with('said', 'The colour change is logged.');
    }

    /** What the scale last sent, else what the simulated one shows, as the field that is typed into. */
    public function scale(Request $request): View
    {
        $spraying = Spraying::query()->find($request->integer('spraying'));
        $units = Units::current();
        $grams = Weight::latest(ShopClock::now())->grams ?? $this->simulated($request, $spraying);

        return view('application.coat.scale', [
            'name' => $spraying === null ? 'weighed' : 'back',
            'shows' => $units->field(Dimension::Powder, $grams, 2),
            'spraying' => $spraying?->id,
            'asked' => $request->float('asked'),
        ]);
    }

    private function simulated(Request $request, ?Spraying $spraying): float
    {
        SimulatedDevices::orNone();
        $scale = new SimulatedScale();

        return $spraying === null
            ? $scale->weighedOut(max(1.0, (float) $request->float('asked')))
            : $scale->cameBack($spraying);
    }

    /** What the simulated gauge reads on raw powder, as the field that is typed into. */
    public function gauge(Spraying $spraying): View
    {
        SimulatedDevices::orNone();
        $units = Units::current();
        $raw = array_map(
            fn (float $um): string => $units->field(Dimension::Film, $um, 1),
            (new SimulatedFilmGauge())->raw($spraying),
        );

        return view('application.coat.raw', [
            'spraying' => $spraying, 'shows' => implode(' ', $raw), 'kind' => UncuredGauge::Ultrasonic,
        ]);
    }

    private function board(Spraying $spraying): ?CoatViewModel
    {
        $pick = StationQueue::at(Station::Coat, $spraying->batch_id);

        return CoatViewModel::of($pick, new CoatTurned());
    }

    private function lastDone(Batch $batch): ?Spraying
    {
        return Spraying::done()->with(['zones', 'user', 'powder'])->where('batch_id', $batch->id)->orderByDesc('id')
            ->first();
    }

    private function to(Batch $batch, string $said): RedirectResponse
    {
        return redirect("/station/coat?lot={$batch->id}")->with('said', $said);
    }

    /**
     * What was turned at the bench.
     *
     * @return array{CoatTurned, ?Gun, ?GunProgram}
     */
    private function turned(Request $request): array
    {
        $in = validator($request->only(self::TURNED), [
            'gun' => ['nullable', Rule::exists('guns', 'id')],
            'program' => ['nullable', Rule::exists('gun_programs', 'id')],
            'openness' => ['nullable', Rule::enum(Openness::class)],
            'film' => ['nullable', new MeasuredQuantity(Dimension::Film, 1, 1000)],
            'flow' => ['nullable', 'numeric', 'between:5,1000'],
            'hand' => ['nullable', new MeasuredQuantity(Dimension::Length, 50, 2000)],
            'overlap' => ['nullable', 'numeric', 'between:0,90'],
            'zone' => ['nullable', 'array', 'max:70'],
            'zone.*' => ['array'],
            'zone.*.kv' => ['nullable', 'numeric', 'between:0,200'],
            'zone.*.ua' => ['nullable', 'numeric', 'between:0,1000'],
            'zone.*.air' => ['nullable', 'numeric', 'gt:0', 'max:10000'],
            'zone.*.away' => ['nullable', new MeasuredQuantity(Dimension::Length, 20, 1000)],
            'zone.*.tip' => ['nullable', Rule::enum(Nozzle::class)],
        ])->validate();
        $gun = empty($in['gun']) ? null : Gun::query()->with('programs')->find((int) $in['gun']);
        $program = $gun?->programs->firstWhere('id', (int) ($in['program'] ?? 0));
        $zones = [];
        foreach ($in['zone'] ?? [] as $key => $set) {
            $zones[(string) $key] = $this->setOf($set, $program, $gun);
        }
        foreach ($program === null ? [] : ['inside', 'face', 'far_side'] as $key) {
            $zones[$key] ??= $this->setOf([], $program, $gun);
        }

        return [new CoatTurned(
            Openness::tryFrom($in['openness'] ?? ''),
            MeasuredQuantity::read(Dimension::Film, $in['film'] ?? null),
            isset($in['flow']) ? (float) $in['flow'] : null,
            MeasuredQuantity::read(Dimension::Length, $in['hand'] ?? null),
            isset($in['overlap']) ? $in['overlap'] / 100 : null,
            $zones,
        ), $gun, $program];
    }

    /** The part is left for its charge to drain to ground; a timer says when that is over. */
    public function drain(Request $request, Batch $batch, RunTimer $run): RedirectResponse
    {
        $in = $request->validate(
            ['drain' => ['required', 'numeric', 'between:0.5,240']],
            ['drain.*' => 'Enter drain time in minutes (0.5 to 240).'],
        );
        $run->start(
            $batch,
            $this->person($request),
            CoatViewModel::DRAIN,
            'Drain to ground',
            (float) $in['drain'],
            null,
        );

        return $this->to($batch, 'Drain timer started.');
    }

    /**
     * @param  array<string, mixed>  $set
     * @return array{kv?: float, ua?: float, air?: float, away_mm?: float, tip?: Nozzle}
     */
    private function setOf(array $set, ?GunProgram $program, ?Gun $gun): array
    {
        $number = fn (string $key): ?float => isset($set[$key]) ? (float) $set[$key] : null;

        return array_filter([
            'kv' => $number('kv') ?? $program?->kv,
            'ua' => $number('ua') ?? $program?->ua,
            'air' => PowderAir::ratio($gun, $number('air')) ?? $program?->air,
            'away_mm' => MeasuredQuantity::read(Dimension::Length, $set['away'] ?? null),
            'tip' => Nozzle::tryFrom($set['tip'] ?? ''),
        ], fn (mixed $one): bool => $one !== null);
    }
}

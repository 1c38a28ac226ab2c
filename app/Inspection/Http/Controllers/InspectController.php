<?php

declare(strict_types=1);

namespace App\Inspection\Http\Controllers;

use Aenum\Core\Inspection\CrossCut;
use Aenum\Core\Inspection\Gloss;
use Aenum\Core\Inspection\InspectionCheckKind;
use Aenum\Core\Inspection\RubPressure;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Application\Queries\FilmReadingsInput;
use App\Application\Simulated\SimulatedFilmGauge;
use App\Catalog\Models\ColorStandard;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Commands\RecordInspection;
use App\Inspection\Models\InspectionCheck;
use App\Inspection\Queries\ChecklistLine;
use App\Inspection\Queries\FilmSpots;
use App\Inspection\Queries\FilmStack;
use App\Inspection\ViewModels\InspectViewModel;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Demo\SimulatedDevices;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\PartPolicies;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The inspect station: film, rub test, cross-cut, gloss, color, visual checks. */
final class InspectController
{
    use ReadsBatchInHand;
    use RequiresUser;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Inspect, $request);

        return view('inspection.inspect-station', ['pick' => $pick, 'board' => InspectViewModel::of($pick)]);
    }

    public function solventRub(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate(
            [
                'rubs' => ['required', 'integer', Rule::in(SolventRub::RUBS)],
                'rating' => ['required', 'integer', 'between:1,5'],
                'pressure' => ['nullable', Rule::enum(RubPressure::class)],
                'solvent' => ['required', 'string', 'max:60'],
                'note' => ['nullable', 'string', 'max:500'],
                'lot' => $this->lotRule($coat),
            ],
            [
                'rating.*' => 'Result is not picked; allowed: 5 (no effect) to 1 (through to metal).',
                'solvent.required' => 'Solvent is empty.',
            ],
        );
        $pressure = RubPressure::tryFrom($in['pressure'] ?? '') ?? RubPressure::Firm;
        $inspection = $record->solventRub(
            $coat,
            $this->batch($in),
            $this->person($request),
            SolventRub::of((int) $in['rubs'], (int) $in['rating'], $pressure),
            $in['solvent'],
            $in['note'] ?? null,
        );

        return $this->back((int) $in['lot'], match (true) {
            $inspection->failed() => 'Written down: under-cured. Its bake is open again; send it back to Cure.',
            $inspection->verdict === 'pass' => 'Written down: passed.',
            $pressure === RubPressure::Hard => 'Written down, not judged: pressed hard, a cured film comes off too. '
                .'Rub again, firm.',
            default => 'Written down; this powder never stands solvent, so the rub is not judged.',
        });
    }

    public function film(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate([
            'readings' => ['nullable', 'string', 'max:100000'],
            'spot' => ['nullable', 'array', 'max:40'],
            'spot.*' => ['nullable', 'string', 'max:20000'],
            'file' => ['nullable', 'file', 'max:2048'],
            'unit' => ['nullable', Rule::in(array_keys(FilmReadingsInput::UNITS))],
            'source' => ['nullable', Rule::in(['typed', 'gauge'])],
            'note' => ['nullable', 'string', 'max:500'],
            'lot' => $this->lotRule($coat),
        ], ['file.*' => 'The gauge\'s file is not readable; allowed: a CSV up to 2 MB.']);
        $file = $request->file('file');
        $typed = $file instanceof UploadedFile
            ? FilmReadingsInput::file($file, $in['unit'] ?? null)
            : FilmReadingsInput::read(
                ['face' => $in['readings'] ?? ''] + ($in['spot'] ?? []),
                $in['source'] ?? 'typed',
            );
        $way = PartPolicies::of($coat->part)->film;
        $inspection = $record->film(
            $coat,
            $this->batch($in),
            $this->person($request),
            $typed,
            $way,
            $in['note'] ?? null,
        );

        return $this->back((int) $in['lot'], $inspection->verdict === 'pass'
            ? 'Written down: within the band.'
            : 'Written down: outside the band.');
    }

    public function crossCut(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate([
            'lattice' => ['required', 'integer', 'between:0,5'],
            'limit' => ['nullable', 'integer', 'between:0,5'],
            'note' => ['nullable', 'string', 'max:500'],
            'lot' => $this->lotRule($coat),
        ], ['lattice.*' => 'Rating is not picked; allowed: 0 (nothing off) to 5.']);
        $cut = CrossCut::of((int) $in['lattice']);
        $limit = (int) ($in['limit'] ?? CrossCut::USUAL_LIMIT);
        $one = $record->crossCut($coat, $this->batch($in), $this->person($request), $cut, $limit, $in['note'] ?? null);

        return $this->back((int) $in['lot'], "Lattice {$cut->rating}: {$one->verdictWords()}.");
    }

    public function gloss(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate([
            'gloss' => ['required', 'numeric', 'between:0,2000'],
            'angle' => ['required', 'integer', Rule::in(Gloss::ANGLES)],
            'note' => ['nullable', 'string', 'max:500'],
            'lot' => $this->lotRule($coat),
        ], ['gloss.*' => 'Gloss is not a figure; allowed: 0 to 2000 gloss units.']);
        $gloss = Gloss::of((float) $in['gloss'], (int) $in['angle']);
        $one = $record->gloss($coat, $this->batch($in), $this->person($request), $gloss, $in['note'] ?? null);

        return $this->back((int) $in['lot'], "Gloss {$in['gloss']} at {$in['angle']}°: {$one->verdictWords()}.");
    }

    public function colour(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $of = fn (string $name, int $least, int $most): string => "{$name} is not a colour value; allowed: {$least} to "
            ."{$most}.";
        $in = $request->validate([
            'master' => ['required', Rule::exists('color_standards', 'id')->where('powder_id', $coat->powder_id)
                ->whereNull('withdrawn_at')],
            'lab_l' => ['required', 'numeric', 'between:0,150'],
            'lab_a' => ['required', 'numeric', 'between:-200,200'],
            'lab_b' => ['required', 'numeric', 'between:-200,200'],
            'note' => ['nullable', 'string', 'max:500'],
            'lot' => $this->lotRule($coat),
        ], [
            'lab_l.*' => $of('L*', 0, 150), 'lab_a.*' => $of('a*', -200, 200), 'lab_b.*' => $of('b*', -200, 200),
            'master.*' => 'Master is not picked; keep one at the powder on the shelf first.',
        ]);
        $one = $record->colour(
            $coat,
            $this->batch($in),
            $this->person($request),
            ColorStandard::query()->findOrFail((int) $in['master']),
            [(float) $in['lab_l'], (float) $in['lab_a'], (float) $in['lab_b']],
            $in['note'] ?? null,
        );

        return $this->back((int) $in['lot'], sprintf('ΔE00 %.2f: %s.', (float) $one->figure, $one->verdictWords()));
    }

    /** Something was looked at, and nothing was found. */
    public function look(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $in = $request->validate([
            'what' => ['required', Rule::enum(InspectionCheckKind::class)],
            'pin' => ['nullable', Rule::exists('pins', 'id')->where('part_id', $batch->part_id)],
            'name' => ['nullable', 'string', 'max:120'],
        ]);
        $what = InspectionCheckKind::from($in['what']);
        if ($batch->station !== $what->station()) {
            throw ValidationException::withMessages([
                'what' => ucfirst($batch->partName())." hangs at {$batch->station->label()}; that is looked at at "
                    ."{$what->station()->label()}.",
            ]);
        }
        $pin = isset($in['pin']) ? Pin::query()->findOrFail((int) $in['pin']) : null;
        $name = trim((string) ($in['name'] ?? ''));
        if ($what->wantsName() && $pin?->must_stay_bare === true && $name === '') {
            throw ValidationException::withMessages([
                'name' => 'Name is empty; who has looked at the bare face?',
            ]);
        }
        InspectionChecklist::tick($batch, $what, $pin, $name === '' ? null : $name, $this->person($request));

        return redirect("/station/{$batch->station->value}?lot={$batch->id}")->with('said', 'Looked at.');
    }

    /** Ticks the looks the page listed, where they are still to be done here and need no name: never any others. */
    public function lookAll(Request $request, Batch $batch): RedirectResponse
    {
        $batch->mustBeOpen();
        $listed = explode(',', $request->validate(['listed' => ['required', 'string', 'max:4000']])['listed']);
        $lines = array_filter(
            InspectionChecklist::of(RoutingProgress::of($batch))->unnamed($batch->station),
            fn (ChecklistLine $line): bool => in_array($line->key(), $listed, true),
        );
        if ($lines === []) {
            throw ValidationException::withMessages([
                'listed' => 'Nothing is ticked: these looks are done, or belong to another station. Look again.',
            ]);
        }
        foreach ($lines as $line) {
            InspectionChecklist::tick($batch, $line->what, $line->pin, null, $this->person($request));
        }

        return redirect(
            "/station/{$batch->station->value}?lot={$batch->id}",
        )->with('said', 'Looked at: nothing found.');
    }

    public function unlook(Request $request, InspectionCheck $check): RedirectResponse
    {
        $batch = Batch::query()->findOrFail($check->batch_id);
        $batch->mustBeOpen();
        $check->withdraw($this->person($request), ShopClock::now());

        return redirect("/station/{$batch->station->value}?lot={$batch->id}")->with('said', 'That look is open again.');
    }

    /** What the simulated gauge reads spot by spot, as the fields that are typed into. */
    public function gauge(Batch $batch): View
    {
        SimulatedDevices::orNone();
        $walk = RoutingProgress::of($batch);
        $stack = FilmStack::of($walk);
        abort_if($stack === null, 404);
        $units = Units::current();
        $spots = FilmSpots::of($batch->part);
        $read = (new SimulatedFilmGauge())->cured(
            array_keys($spots),
            FilmSpots::expected($stack, $walk),
            $stack->nominalUm(),
        );

        return view('inspection.inspect.spots', [
            'batch' => $batch,
            'spots' => $spots,
            'source' => 'gauge',
            'shows' => array_map(fn (array $um): string => implode(' ', array_map(
                fn (float $one): string => $units->field(Dimension::Film, $one, $units->isMetric() ? 0 : 2),
                $um,
            )), $read),
        ]);
    }

    /** @param  array<string, mixed>  $in */
    private function batch(array $in): Batch
    {
        return Batch::query()->findOrFail((int) $in['lot']);
    }

    /** @return list<mixed> */
    private function lotRule(Coat $coat): array
    {
        return ['required', 'integer', Rule::exists('batches', 'id')->where('part_id', $coat->part_id)];
    }

    private function back(int $batch, string $said): RedirectResponse
    {
        return redirect("/station/inspect?lot={$batch}")->with('said', $said);
    }
}

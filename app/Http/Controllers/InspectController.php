<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Inspect\CrossCut;
use Aenum\Core\Inspect\Gloss;
use Aenum\Core\Inspect\LookKind;
use Aenum\Core\Inspect\RubPressure;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\Station;
use App\Actions\Bench\BenchPick;
use App\Actions\Inspect\FilmTyped;
use App\Actions\Inspect\InspectBoard;
use App\Actions\Inspect\LookedOver;
use App\Actions\Inspect\LookLine;
use App\Actions\Inspect\RecordInspection;
use App\Actions\Inspect\Spots;
use App\Actions\Inspect\Stack;
use App\Actions\Lot\LotWalk;
use App\Actions\Route\PartWays;
use App\Devices\SimulatedFilmGauge;
use App\Devices\StandIns;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Coat;
use App\Models\LookedAt;
use App\Models\Lot;
use App\Models\Master;
use App\Models\Pin;
use App\Support\ShopClock;
use App\Support\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The inspect bench: film, rub, lattice, gloss, colour, and a look at everything. */
final class InspectController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Inspect, $request);

        return view('stations.inspect', ['pick' => $pick, 'board' => InspectBoard::of($pick)]);
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
            $this->lot($in),
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
            'unit' => ['nullable', Rule::in(array_keys(FilmTyped::UNITS))],
            'source' => ['nullable', Rule::in(['typed', 'gauge'])],
            'note' => ['nullable', 'string', 'max:500'],
            'lot' => $this->lotRule($coat),
        ], ['file.*' => 'The gauge\'s file is not readable; allowed: a CSV up to 2 MB.']);
        $file = $request->file('file');
        $typed = $file instanceof UploadedFile
            ? FilmTyped::file($file, $in['unit'] ?? null)
            : FilmTyped::read(['face' => $in['readings'] ?? ''] + ($in['spot'] ?? []), $in['source'] ?? 'typed');
        $way = PartWays::of($coat->part)->film;
        $inspection = $record->film(
            $coat,
            $this->lot($in),
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
        $one = $record->crossCut($coat, $this->lot($in), $this->person($request), $cut, $limit, $in['note'] ?? null);

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
        $one = $record->gloss($coat, $this->lot($in), $this->person($request), $gloss, $in['note'] ?? null);

        return $this->back((int) $in['lot'], "Gloss {$in['gloss']} at {$in['angle']}°: {$one->verdictWords()}.");
    }

    public function colour(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $of = fn (string $name, int $least, int $most): string => "{$name} is not a colour value; allowed: {$least} to "
            ."{$most}.";
        $in = $request->validate([
            'master' => ['required', Rule::exists('masters', 'id')->where('powder_id', $coat->powder_id)
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
            $this->lot($in),
            $this->person($request),
            Master::query()->findOrFail((int) $in['master']),
            [(float) $in['lab_l'], (float) $in['lab_a'], (float) $in['lab_b']],
            $in['note'] ?? null,
        );

        return $this->back((int) $in['lot'], sprintf('ΔE00 %.2f: %s.', (float) $one->figure, $one->verdictWords()));
    }

    /** Something was looked at, and nothing was found. */
    public function look(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $in = $request->validate([
            'what' => ['required', Rule::enum(LookKind::class)],
            'pin' => ['nullable', Rule::exists('pins', 'id')->where('part_id', $lot->part_id)],
            'name' => ['nullable', 'string', 'max:120'],
        ]);
        $what = LookKind::from($in['what']);
        if ($lot->station !== $what->station()) {
            throw ValidationException::withMessages([
                'what' => ucfirst($lot->partName())." hangs at {$lot->station->label()}; that is looked at at "
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
        LookedOver::tick($lot, $what, $pin, $name === '' ? null : $name, $this->person($request));

        return redirect("/station/{$lot->station->value}?lot={$lot->id}")->with('said', 'Looked at.');
    }

    /** Ticks the looks the page listed, where they are still to be done here and need no name: never any others. */
    public function lookAll(Request $request, Lot $lot): RedirectResponse
    {
        $lot->mustBeOpen();
        $listed = explode(',', $request->validate(['listed' => ['required', 'string', 'max:4000']])['listed']);
        $lines = array_filter(
            LookedOver::of(LotWalk::of($lot))->unnamed($lot->station),
            fn (LookLine $line): bool => in_array($line->key(), $listed, true),
        );
        if ($lines === []) {
            throw ValidationException::withMessages([
                'listed' => 'Nothing is ticked: these looks are done, or belong to another station. Look again.',
            ]);
        }
        foreach ($lines as $line) {
            LookedOver::tick($lot, $line->what, $line->pin, null, $this->person($request));
        }

        return redirect("/station/{$lot->station->value}?lot={$lot->id}")->with('said', 'Looked at: nothing found.');
    }

    public function unlook(Request $request, LookedAt $look): RedirectResponse
    {
        $lot = Lot::query()->findOrFail($look->lot_id);
        $lot->mustBeOpen();
        $look->withdraw($this->person($request), ShopClock::now());

        return redirect("/station/{$lot->station->value}?lot={$lot->id}")->with('said', 'That look is open again.');
    }

    /** What the simulated gauge reads spot by spot, as the fields that are typed into. */
    public function gauge(Lot $lot): View
    {
        StandIns::orNone();
        $walk = LotWalk::of($lot);
        $stack = Stack::of($walk);
        abort_if($stack === null, 404);
        $units = Units::current();
        $spots = Spots::of($lot->part);
        $read = (new SimulatedFilmGauge())->cured(
            array_keys($spots),
            Spots::expected($stack, $walk),
            $stack->nominalUm(),
        );

        return view('inspect.spots', [
            'lot' => $lot,
            'spots' => $spots,
            'source' => 'gauge',
            'shows' => array_map(fn (array $um): string => implode(' ', array_map(
                fn (float $one): string => $units->field(Dimension::Film, $one, $units->isMetric() ? 0 : 2),
                $um,
            )), $read),
        ]);
    }

    /** @param  array<string, mixed>  $in */
    private function lot(array $in): Lot
    {
        return Lot::query()->findOrFail((int) $in['lot']);
    }

    /** @return list<mixed> */
    private function lotRule(Coat $coat): array
    {
        return ['required', 'integer', Rule::exists('lots', 'id')->where('part_id', $coat->part_id)];
    }

    private function back(int $lot, string $said): RedirectResponse
    {
        return redirect("/station/inspect?lot={$lot}")->with('said', $said);
    }
}

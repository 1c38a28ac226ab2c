<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Inspect\FilmReadings;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\InvalidQuantity;
use App\Actions\Inspect\RecordInspection;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\User;
use App\Support\Units;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Findings on a coat. */
final class InspectController
{
    public function solventRub(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate(
            [
                'rubs' => ['required', 'integer', Rule::in(SolventRub::RUBS)],
                'rating' => ['required', 'integer', 'between:1,5'],
                'solvent' => ['required', 'string', 'max:60'],
                'note' => ['nullable', 'string', 'max:500'],
                'lot' => $this->lotRule($coat),
            ],
            [
                'rating.*' => 'Result is not picked; allowed: 5 (no effect) to 1 (through to metal).',
                'solvent.required' => 'Solvent is empty.',
            ],
        );
        $inspection = $record->solventRub(
            $coat,
            Lot::query()->findOrFail($in['lot']),
            $this->user($request),
            SolventRub::of((int) $in['rubs'], (int) $in['rating']),
            $in['solvent'],
            $in['note'] ?? null,
        );

        return $this->back(
            (int) $in['lot'],
            match ($inspection->verdict) {
                'fail' => 'Written down: under-cured. Its bake is open again; send it back to Cure.',
                'not_judged' => 'Written down; this powder never stands solvent, so the rub is not judged.',
                default => 'Written down: passed.',
            },
        );
    }

    public function film(Request $request, Coat $coat, RecordInspection $record): RedirectResponse
    {
        $in = $request->validate(
            [
                'readings' => ['required', 'string', 'max:4000'],
                'note' => ['nullable', 'string', 'max:500'],
                'lot' => $this->lotRule($coat),
            ],
            ['readings.required' => 'Readings are empty; type them with spaces or new lines between.'],
        );
        $system = Units::current()->system;
        $words = FilmReadings::typed($in['readings']);
        try {
            $film = FilmReadings::of(
                array_map(fn (string $word): float => Dimension::Film->parse('readings', $word, $system), $words),
            );
        } catch (InvalidQuantity $e) {
            throw ValidationException::withMessages(['readings' => ucfirst($e->getMessage()).'.']);
        }
        $lot = Lot::query()->findOrFail($in['lot']);
        $inspection = $record->film($coat, $lot, $this->user($request), $film, $in['note'] ?? null);

        return $this->back(
            (int) $in['lot'],
            $inspection->verdict === 'pass'
                ? 'Written down: within the sheet\'s band.'
                : 'Written down: outside the sheet\'s band.',
        );
    }

    private function user(Request $request): User
    {
        /** @var User */
        return $request->user();
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

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Pretreat\Bath;
use Aenum\Core\Pretreat\Stage;
use Aenum\Core\Pretreat\WashLine;
use Aenum\Core\Route\Station;
use Aenum\Core\Unit\Dimension;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Bench\BathLog;
use App\Actions\Bench\BenchPick;
use App\Actions\Bench\RunClock;
use App\Actions\Route\PartRoute;
use App\Models\BenchClock;
use App\Models\Entry;
use App\Models\Part;
use App\Models\User;
use App\Rules\Measured;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The wash bench: the line for the part in hand, stage by stage, and the baths it goes through. */
final class WashController
{
    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Wash, $request);
        $line = $pick->part === null ? null : WashLine::for(PartRoute::of($pick->part)->plan());
        $bath = (string) $request->string('bath', (string) ($line === null ? '' : collect($line->stages)->firstWhere('bath')?->bath));

        return view('stations.wash', [
            'pick' => $pick, 'line' => $line, 'baths' => array_map(BathLog::of(...), Bath::keys()), 'shown' => BathLog::of(in_array($bath, Bath::keys(), true) ? $bath : Bath::keys()[0]),
            'bare' => $pick->part?->clocks->where('step', BenchClock::BARE_STEEL)->whereNull('done_at')->first(), 'air' => BareSteelWatch::latestAir(),
        ]);
    }

    public function start(Request $request, Part $part, RunClock $run): RedirectResponse
    {
        $part->job->mustBeOpen();
        $line = WashLine::for(PartRoute::of($part)->plan());
        $stage = collect($line->clocks())->firstWhere('key', (string) $request->string('step'));
        if (! $stage instanceof Stage) {
            throw ValidationException::withMessages(['step' => 'That stage is not on the '.lcfirst($line->name).'.']);
        }
        /** @var User $user */
        $user = $request->user();
        $run->start($part, $user, $stage->key, $stage->name, $stage->least, $stage->most);

        return redirect("/station/wash?part={$part->id}")->with('said', "{$stage->name}: the clock runs.");
    }

    public function reading(Request $request): RedirectResponse
    {
        $in = $request->validate(['bath' => ['required', Rule::in(Bath::keys())], 'volume_l' => ['nullable', Measured::above(Dimension::Volume, 0, 100000)], 'note' => ['nullable', 'string', 'max:300']]
            + array_map(fn (array $figure): array => ['nullable', 'numeric', "between:{$figure[2]},{$figure[3]}"], Bath::FIGURES));
        $volume = Measured::read(Dimension::Volume, $in['volume_l'] ?? null);
        $figures = array_map(floatval(...), array_filter(array_intersect_key($in, Bath::FIGURES), fn (mixed $value): bool => $value !== null)) + ($volume === null ? [] : ['volume_l' => $volume]);
        if (array_intersect_key($figures, Bath::FIGURES) === []) {
            throw ValidationException::withMessages([array_key_first(Bath::get($in['bath'])->limits) => 'Nothing was measured; write at least one figure.']);
        }
        /** @var User $user */
        $user = $request->user();
        Entry::write('bath', $in['bath'], $figures, $user, null, $in['note'] ?? null);

        return redirect("/station/wash?bath={$in['bath']}")->with('said', Bath::get($in['bath'])->name.': written down.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Bench\Stage;
use Aenum\Core\Bench\WashLine;
use Aenum\Core\Pretreat\Bath;
use Aenum\Core\Pretreat\BathFigure;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\Station;
use App\Actions\Bench\Air;
use App\Actions\Bench\BathLog;
use App\Actions\Bench\BenchPick;
use App\Actions\Bench\RunClock;
use App\Actions\Log\CoolingClock;
use App\Actions\Log\WriteLog;
use App\Actions\Route\PartRoute;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\Lot;
use App\Rules\Measured;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The wash bench: the line for the part in hand, stage by stage, and the baths it goes through. */
final class WashController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Wash, $request);
        $plan = $pick->route?->plan();
        $line = $plan === null ? null : WashLine::for($plan);
        $asked = (string) $request->string('bath');
        $first = $line === null ? null : collect($line->stages)->firstWhere('bath')?->bath?->key;
        $shown = collect([$asked, $first, Bath::keys()[0]])->first(
            fn ($key): bool => isset(Bath::all()[$key ?? '']),
        );

        return view('stations.wash', [
            'pick' => $pick,
            'line' => $line,
            'findings' => $plan === null ? [] : RuleBook::judge($plan, Moment::Wash),
            'baths' => array_map(BathLog::of(...), Bath::keys()),
            'shown' => BathLog::of((string) $shown),
            'bare' => $pick->lot?->bareSteelClock(),
            'air' => Air::latest()?->line,
        ]);
    }

    public function start(Request $request, Lot $lot, RunClock $run): RedirectResponse
    {
        $lot->mustBeOpen();
        CoolingClock::refuseHot($lot, 'step', 'bath');
        $line = WashLine::for(PartRoute::of($lot->part)->plan());
        $stage = collect($line->clocks())->firstWhere('key', (string) $request->string('step'));
        if (! ($stage instanceof Stage)) {
            throw ValidationException::withMessages([
                'step' => 'That stage is not on the '.lcfirst($line->name).'.',
            ]);
        }
        $run->start($lot, $this->person($request), $stage->key, $stage->name, $stage->least, $stage->most);

        return redirect("/station/wash?lot={$lot->id}")->with('said', "{$stage->name}: the clock runs.");
    }

    public function reading(Request $request): RedirectResponse
    {
        $between = fn (BathFigure $figure): array => ['nullable', 'numeric', "between:0,{$figure->most()}"];
        $figures = array_column(BathFigure::cases(), 'value');
        $in = $request->validate(
            [
                'bath' => ['required', Rule::in(Bath::keys())],
                'volume_l' => ['nullable', Measured::above(Dimension::Volume, 0, 100000)],
                'note' => ['nullable', 'string', 'max:300'],
            ] + array_combine($figures, array_map($between, BathFigure::cases())),
        );
        $given = array_filter(
            array_intersect_key($in, array_flip($figures)),
            fn (mixed $value): bool => $value !== null,
        );
        if ($given === []) {
            $first = Bath::get($in['bath'])->figures()[0]->value;
            throw ValidationException::withMessages([$first => 'Nothing was measured; write at least one figure.']);
        }
        $volume = Measured::read(Dimension::Volume, $in['volume_l'] ?? null);
        $read = array_map(floatval(...), $given) + ($volume === null ? [] : ['volume_l' => $volume]);
        WriteLog::line('bath', $in['bath'], $read, $this->person($request), null, $in['note'] ?? null);

        return redirect("/station/wash?bath={$in['bath']}")->with(
            'said',
            Bath::get($in['bath'])->name.': written down.',
        );
    }
}

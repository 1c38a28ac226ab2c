<?php

declare(strict_types=1);

namespace App\Preparation\Http\Controllers;

use Aenum\Core\Advice\WashLine;
use Aenum\Core\Advice\WashStage;
use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Preparation\Pretreatment\BathFigure;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Intake\Models\Batch;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Queries\BathLog;
use App\Preparation\Queries\LatestAir;
use App\Routing\Commands\RunTimer;
use App\Routing\Commands\WriteLog;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\PartRoute;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The wash station: stages for the part in hand, and the baths. */
final class WashController
{
    use ReadsBatchInHand;
    use RequiresUser;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Wash, $request);
        $plan = $pick->route?->plan();
        $line = $plan === null ? null : WashLine::for($plan);
        $asked = (string) $request->string('bath');
        $first = $line === null ? null : collect($line->stages)->firstWhere('bath')?->bath?->key;
        $shown = collect([$asked, $first, Bath::keys()[0]])->first(
            fn ($key): bool => isset(Bath::all()[$key ?? '']),
        );

        return view('preparation.wash-station', [
            'pick' => $pick,
            'line' => $line,
            'findings' => $plan === null ? [] : RuleBook::judge($plan, Checkpoint::Wash),
            'baths' => array_map(BathLog::of(...), Bath::keys()),
            'shown' => BathLog::of((string) $shown),
            'bare' => $pick->batch?->bareSteelClock(),
            'air' => LatestAir::latest()?->line,
        ]);
    }

    public function start(Request $request, Batch $batch, RunTimer $run): RedirectResponse
    {
        $batch->mustBeOpen();
        CoolingEstimate::refuseHot($batch, 'step', 'bath');
        $line = WashLine::for(PartRoute::of($batch->part)->plan());
        $stage = collect($line->clocks())->firstWhere('key', (string) $request->string('step'));
        if (! ($stage instanceof WashStage)) {
            throw ValidationException::withMessages([
                'step' => 'That stage is not on the '.lcfirst($line->name).'.',
            ]);
        }
        $run->start($batch, $this->person($request), $stage->key, $stage->name, $stage->least, $stage->most);

        return redirect("/station/wash?lot={$batch->id}")->with('said', "{$stage->name}: the clock runs.");
    }

    public function reading(Request $request): RedirectResponse
    {
        $between = fn (BathFigure $figure): array => ['nullable', 'numeric', "between:0,{$figure->most()}"];
        $figures = array_column(BathFigure::cases(), 'value');
        $in = $request->validate(
            [
                'bath' => ['required', Rule::in(Bath::keys())],
                'volume_l' => ['nullable', MeasuredQuantity::above(Dimension::Volume, 0, 100000)],
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
        $volume = MeasuredQuantity::read(Dimension::Volume, $in['volume_l'] ?? null);
        $read = array_map(floatval(...), $given) + ($volume === null ? [] : ['volume_l' => $volume]);
        WriteLog::line('bath', $in['bath'], $read, $this->person($request), null, $in['note'] ?? null);

        return redirect("/station/wash?bath={$in['bath']}")->with(
            'said',
            Bath::get($in['bath'])->name.': written down.',
        );
    }
}

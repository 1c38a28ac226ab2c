<?php

declare(strict_types=1);

namespace App\Preparation\Http\Controllers;

use Aenum\Core\Advice\BlastAdvice;
use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Advice\Cleanliness;
use Aenum\Core\Preparation\Blasting\Access;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Dimension;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Commands\BareSteelTimer;
use App\Preparation\Queries\LatestAir;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\WriteLog;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Models\LogLine;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\MediaLog;
use App\Routing\Queries\MetalTemperature;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\ShopBlast;
use App\ShopFloor\Commands\SweepAgain;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The blast station: media, air, minutes, and the bare-steel timer. */
final class BlastController
{
    use ReadsBatchInHand;
    use RequiresUser;

    private const LOGGED = 5;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::Blast, $request);
        $part = $pick->part;
        $blast = $pick->route === null ? null : ShopBlast::bench($pick->route->plan(), $this->setting($request));
        $air = LatestAir::now();

        return view('preparation.blast-station', [
            'pick' => $pick,
            'blast' => $blast,
            'findings' => $pick->batch === null ? [] : $blast?->findings(...self::floor($pick->batch)) ?? [],
            'air' => LatestAir::latest()?->line,
            'media' => MediaLog::all(),
            'clean' => $blast === null ? null : Cleanliness::for($blast->job->facts),
            'logged' => $part === null ? collect() : $this->logged($part),
            'bare' => $pick->batch?->bareSteelClock(),
        ]);
    }

    public function blasted(Request $request, Batch $batch, BareSteelTimer $watch): RedirectResponse
    {
        $part = $batch->part;
        $in = $request->validate([
            'minutes' => ['required', 'numeric', 'gt:0', 'max:10080'],
            'kind' => ['required', Rule::in(['blast', 'sweep'])],
            'all' => ['nullable', 'boolean'],
            'greasy' => ['nullable', 'boolean'],
            'note' => ['nullable', 'string', 'max:300'],
        ] + $this->rules(), ['minutes.*' => 'Minutes is not a time; allowed: above 0 to 10080.']);
        if ($batch->station !== Station::Blast || ! $batch->isOpen() || ! $part->job->isOpen()) {
            throw ValidationException::withMessages(['minutes' => "{$batch->partName()} does not hang at Blast now."]);
        }
        $blast = $this->bench($request, $part);
        $this->nothingInSilence($blast, $batch, $in['note'] ?? null);
        $rusts = $part->metalKind()->family->rusts();
        $user = $this->person($request);
        DB::transaction(function () use ($in, $batch, $part, $blast, $user, $watch, $rusts): void {
            $minutes = (float) $in['minutes'];
            if ($in['kind'] === 'blast') {
                WriteLog::line('blast', $blast->medium->key, [
                    'planned_min' => round($blast->plan->plainMinutes, 3),
                    'actual_min' => $minutes,
                    'bar' => round($blast->plan->bar, 2),
                    'mixture' => $blast->mixture,
                ], $user, $part, $in['note'] ?? null, batch: $batch);
            }
            $kg = $blast->plan->mediaKgPerMin * $minutes;
            MediaLog::shot($blast->medium, $kg, $part, $user, ! empty($in['greasy']));
            if ($rusts) {
                $watch->start($batch, $user, $minutes, restart: $in['kind'] === 'sweep');
            }
            if ((bool) ($in['all'] ?? true)) {
                $done = $in['kind'] === 'sweep' ? StepKind::SweepBlast : StepKind::Blast;
                CompleteStep::logged($batch, $user, null, $done);
            }
        });

        return redirect("/station/blast?lot={$batch->id}")
            ->with('said', $rusts ? 'Logged. Bare steel is on the clock.' : 'Logged.');
    }

    public function media(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'medium' => ['required', Rule::in(Media::keys())],
            'what' => ['required', Rule::in(array_keys(MediaLog::EVENTS))],
            'kg' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 10000)],
            'media_note' => ['nullable', 'string', 'max:300'],
            'turns' => ['nullable', 'required_if:what,pot_run', 'numeric', 'between:0.1,50'],
            'pot_minutes' => ['nullable', 'required_if:what,pot_run', 'numeric', 'between:0.1,1440'],
        ], [
            'turns.*' => 'Valve open is not a number of turns; allowed: 0.1 to 50, for a pot run empty.',
            'pot_minutes.*' => 'Ran for is not a time; allowed: 0.1 to 1440 min, for a pot run empty.',
        ]);
        $kg = MeasuredQuantity::read(Dimension::Mass, $in['kg'] ?? null);
        if ($in['what'] === 'pot_run' && $kg === null) {
            throw ValidationException::withMessages(['kg' => 'How much is empty; what was in the pot is needed.']);
        }
        $figures = $kg === null ? [] : ['kg' => $kg];
        $figures += $in['what'] === 'pot_run'
            ? ['turns' => (float) $in['turns'], 'minutes' => (float) $in['pot_minutes']]
            : [];
        $user = $this->person($request);
        WriteLog::line('media', $in['medium'], $figures, $user, null, $in['media_note'] ?? null, $in['what']);
        $said = ucfirst(Media::get($in['medium'])->name).': '.MediaLog::EVENTS[$in['what']].'.';

        return redirect('/station/blast')->with('said', $said);
    }

    /** Bare too long: back to the nozzle for a sweep, on the route and on the rail. */
    public function sweepAgain(Request $request, Batch $batch, SweepAgain $again): RedirectResponse
    {
        $batch->mustBeOpen();
        $again($batch, $this->person($request));
        $step = StepKind::SweepBlast->label();

        return redirect("/station/blast?lot={$batch->id}")
            ->with('said', "{$batch->partName()} hangs at Blast again, with a {$step} on its route.");
    }

    /** What a rule stops or wants signed needs a reason beside it, since it was blasted all the same. */
    private function nothingInSilence(BlastAdvice $blast, Batch $batch, ?string $note): void
    {
        $units = Units::current();
        foreach ($blast->findings(...self::floor($batch)) as $finding) {
            if ($finding->holds() && trim((string) $note) === '') {
                $why = "Note is empty; {$units->said($finding->evidence)}, so write why it was blasted all the same.";
                throw ValidationException::withMessages(['note' => $why]);
            }
        }
    }

    /** @return array{?float, ?float, Surface, ?float} air, humidity, what is on the metal, its temperature */
    private static function floor(Batch $batch): array
    {
        $air = LatestAir::now();

        return [$air?->celsius, $air?->humidityPct, BatchSurface::of($batch), MetalTemperature::of($batch)];
    }

    private function bench(Request $request, Part $part): BlastAdvice
    {
        return ShopBlast::bench(PartRoute::of($part)->plan(), $this->setting($request));
    }

    /** @return \Illuminate\Support\Collection<int, LogLine> */
    private function logged(Part $part): \Illuminate\Support\Collection
    {
        return $part->logged('blast')->take(self::LOGGED)->toBase();
    }

    /** @return array<string, mixed> */
    private function rules(): array
    {
        return [
            'media' => ['nullable', Rule::in(Media::keys())],
            'bar' => ['nullable', new MeasuredQuantity(Dimension::Pressure, 0.9, 12)],
            'mixture' => ['nullable', 'numeric', 'between:0.2,8'],
            'access' => ['nullable', Rule::enum(Access::class)],
        ];
    }

    /** What was turned at the bench. */
    private function setting(Request $request): BlastSetting
    {
        $in = validator($request->only(['media', 'bar', 'mixture', 'access']), $this->rules())->validate();

        return new BlastSetting(
            Media::find($in['media'] ?? ''),
            MeasuredQuantity::read(Dimension::Pressure, $in['bar'] ?? null),
            isset($in['mixture']) ? (float) $in['mixture'] : null,
            Access::tryFrom($in['access'] ?? ''),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Blast\BlastPlan;
use Aenum\Core\Blast\Cleanliness;
use Aenum\Core\Blast\DewPoint;
use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Route\Station;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Unit\Dimension;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Bench\BenchPick;
use App\Actions\Blast\BlastOfPart;
use App\Actions\Blast\MediaLog;
use App\Actions\Route\PartRoute;
use App\Models\BenchClock;
use App\Models\Entry;
use App\Models\Part;
use App\Models\User;
use App\Rules\Measured;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The blast bench: media, air, minutes, and the clock that starts when the blast stops. */
final class BlastController
{
    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::Blast, $request);
        $part = $pick->part;
        $blast = $part === null ? null : BlastOfPart::of(PartRoute::of($part), $this->set($request, $part));

        return view('stations.blast', [
            'pick' => $pick, 'blast' => $blast, 'air' => BareSteelWatch::latestAir(), 'media' => MediaLog::all(),
            'log' => $blast === null ? null : MediaLog::of($blast->media), 'clean' => $blast === null ? null : Cleanliness::for($blast->route->facts),
            'logged' => $part === null ? collect() : Entry::of('blast')->with('user')->where('part_id', $part->id)->orderByDesc('id')->limit(5)->get(),
            'bare' => $part?->clocks->where('step', BenchClock::BARE_STEEL)->whereNull('done_at')->first(),
        ]);
    }

    public function blasted(Request $request, Part $part, BareSteelWatch $watch): RedirectResponse
    {
        $in = $request->validate([
            'minutes' => ['required', 'numeric', 'gt:0', 'max:10080'], 'kind' => ['required', Rule::in(['blast', 'sweep'])], 'greasy' => ['nullable', 'boolean'], 'note' => ['nullable', 'string', 'max:300'],
        ] + $this->rules(), ['minutes.*' => 'Minutes is not a time; allowed: above 0 to 10080.']);
        if ($part->job->station !== Station::Blast || ! $part->job->isOpen()) {
            throw ValidationException::withMessages(['minutes' => "{$part->name} does not hang at Blast now."]);
        }
        $blast = BlastOfPart::of(PartRoute::of($part), $this->set($request, $part));
        $air = BareSteelWatch::latestAir();
        if ($air !== null && ! DewPoint::mayWork($air->figures['air_c'], $air->figures['air_c'], max(1, $air->figures['rh_pct'])) && trim((string) ($in['note'] ?? '')) === '') {
            throw ValidationException::withMessages(['note' => 'Note is empty; the metal is within 3 K of the dew point, so write why it was blasted all the same (warmed, for instance).']);
        }
        /** @var User $user */
        $user = $request->user();
        $rusts = $blast->route->facts->part->rusts();
        DB::transaction(function () use ($in, $part, $blast, $user, $watch, $rusts): void {
            if ($in['kind'] === 'blast') {
                Entry::write('blast', $blast->media, ['planned_min' => round($blast->plan->plainMinutes, 3), 'actual_min' => (float) $in['minutes'], 'bar' => round($blast->plan->bar, 2), 'mixture' => $blast->mixture], $user, $part, $in['note'] ?? null);
            }
            MediaLog::shot($blast->media, $blast->plan->mediaKgPerMin * (float) $in['minutes'], $part, $user, ! empty($in['greasy']));
            if ($rusts) {
                $watch->start($part, $user);
            }
        });

        return redirect("/station/blast?part={$part->id}")->with('said', $rusts ? 'Logged. Bare steel is on the clock.' : 'Logged.');
    }

    public function media(Request $request): RedirectResponse
    {
        $in = $request->validate(['medium' => ['required', Rule::in(MediaCatalogue::keys())], 'what' => ['required', Rule::in(array_keys(MediaLog::EVENTS))], 'kg' => ['nullable', Measured::above(Dimension::Mass, 0, 10000)], 'media_note' => ['nullable', 'string', 'max:300']]);
        /** @var User $user */
        $user = $request->user();
        Entry::write('media', $in['medium'], ['what' => $in['what']] + (empty($in['kg']) ? [] : ['kg' => Measured::read(Dimension::Mass, $in['kg'])]), $user, null, $in['media_note'] ?? null);

        return redirect('/station/blast')->with('said', ucfirst(MediaCatalogue::name($in['medium'])).': '.MediaLog::EVENTS[$in['what']].'.');
    }

    /** Bare too long: back to the nozzle for a sweep, on the route and on the rail. */
    public function sweepAgain(Request $request, Part $part, \App\Actions\Bench\SweepAgain $again): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $part->job->mustBeOpen();
        $again($part, $user);

        return redirect("/station/blast?part={$part->id}")->with('said', "{$part->name} hangs at Blast again, with a ".StepKind::SweepBlast->label().' on its route.');
    }

    /** @return array<string, mixed> */
    private function rules(): array
    {
        return [
            'media' => ['nullable', Rule::in(MediaCatalogue::keys())], 'bar' => ['nullable', new Measured(Dimension::Pressure, 0.9, 12)],
            'mixture' => ['nullable', 'numeric', 'between:0.2,8'], 'access' => ['nullable', Rule::in(array_keys(BlastPlan::ACCESS))],
        ];
    }

    /** @return array{media?: ?string, bar?: ?float, mixture?: ?float, access?: ?string} what was turned at the bench */
    private function set(Request $request, Part $part): array
    {
        $in = validator($request->only(['media', 'bar', 'mixture', 'access']), $this->rules())->validate();

        return array_filter(['media' => $in['media'] ?? null, 'bar' => Measured::read(Dimension::Pressure, $in['bar'] ?? null), 'mixture' => isset($in['mixture']) ? (float) $in['mixture'] : null, 'access' => $in['access'] ?? null], fn (mixed $value): bool => $value !== null);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Bench\StripStep;
use Aenum\Core\Bench\WashLine;
use Aenum\Core\Unit\Dimension;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Bench\RunClock;
use App\Actions\Lot\TickStep;
use App\Actions\Route\PartRoute;
use App\Devices\SimulatedWeather;
use App\Devices\StandIns;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\BenchClock;
use App\Models\LogLine;
use App\Models\User;
use App\Rules\Measured;
use App\Support\ShopClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Clocks at the benches, the air they run by, and the logbook's lines taken back. */
final class ClockController
{
    use KnowsWhoAsks;

    public function done(Request $request, BenchClock $clock, RunClock $run): RedirectResponse
    {
        if ($clock->isBareSteel()) {
            throw ValidationException::withMessages([
                'clock' => 'The clock on bare steel ends when powder goes on or it is blasted again.',
            ]);
        }
        $user = $this->person($request);
        $now = ShopClock::now();
        DB::transaction(function () use ($run, $clock, $user, $now): void {
            $run->stop($clock, $user);
            if ($now->gte($clock->due_at)) {
                $this->tick($clock, $user);
            }
        });
        $said = match (true) {
            $clock->late_at !== null && $now->gt($clock->late_at) => "{$clock->label}: it has had too long.",
            $now->lt($clock->due_at) => "{$clock->label}: ended early.",
            default => "{$clock->label}: done.",
        };

        return back()->with('said', $said);
    }

    /** A dwell that was long enough closes its step; a layer that keeps steel ends the clock on bare steel. */
    private function tick(BenchClock $clock, User $user): void
    {
        $kind = StripStep::closes($clock->step)
            ?? WashLine::for(PartRoute::of($clock->part)->plan())->closes($clock->step);
        if ($kind === null) {
            return;
        }
        TickStep::logged($clock->lot, $user, null, $kind);
        (new BareSteelWatch())->after($clock->lot, $kind, $user);
    }

    public function air(Request $request, BareSteelWatch $watch): RedirectResponse
    {
        $user = $this->person($request);
        if ($request->boolean('from_station')) {
            StandIns::orNone();
            $shows = (new SimulatedWeather())->shows(ShopClock::now());
            $watch->air($user, $shows['air_c'], $shows['rh_pct'], 'weather station');

            return back()->with('said', "The weather station says {$shows['rh_pct']} % humidity.");
        }
        $in = $request->validate(
            [
                'air' => ['required', new Measured(Dimension::Temperature, -40, 60)],
                'rh' => ['required', 'numeric', 'between:1,100'],
            ],
            [
                'rh.*' => 'Humidity is not a share; allowed: 1 to 100 %.',
                'air.required' => 'Air is empty; read the thermometer.',
            ],
        );
        $watch->air(
            $user,
            (float) Measured::read(Dimension::Temperature, $in['air']),
            (float) $in['rh'],
            'by hand',
        );

        return back()->with('said', 'The air is written down; clocks on bare steel are set by it.');
    }

    public function withdraw(Request $request, LogLine $entry): RedirectResponse
    {
        $entry->withdraw($this->person($request), ShopClock::now());

        return back()->with('said', 'That line is taken back.');
    }
}

<?php

declare(strict_types=1);

namespace App\Preparation\Http\Controllers;

use Aenum\Core\Advice\StripStep;
use Aenum\Core\Advice\WashLine;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use App\Platform\Demo\SimulatedDevices;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use App\Preparation\Commands\BareSteelTimer;
use App\Preparation\Simulated\SimulatedWeather;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\RunTimer;
use App\Routing\Models\LogLine;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\PartRoute;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Timers at the stations, air readings, and withdrawn log entries. */
final class TimerController
{
    use RequiresUser;

    public function done(Request $request, StepTimer $clock, RunTimer $run): RedirectResponse
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
    private function tick(StepTimer $clock, User $user): void
    {
        $kind = StripStep::closes($clock->step)
            ?? WashLine::for(PartRoute::of($clock->part)->plan())->closes($clock->step);
        if ($kind === null) {
            return;
        }
        CompleteStep::logged($clock->batch, $user, null, $kind);
        (new BareSteelTimer())->after($clock->batch, $kind, $user);
    }

    public function air(Request $request, BareSteelTimer $watch): RedirectResponse
    {
        $user = $this->person($request);
        if ($request->boolean('from_station')) {
            SimulatedDevices::orNone();
            $shows = (new SimulatedWeather())->shows(ShopClock::now());
            $watch->air($user, $shows['air_c'], $shows['rh_pct'], 'weather station');

            return back()->with('said', "The weather station says {$shows['rh_pct']} % humidity.");
        }
        $in = $request->validate(
            [
                'air' => ['required', new MeasuredQuantity(Dimension::Temperature, -40, 60)],
                'rh' => ['required', 'numeric', 'between:1,100'],
            ],
            [
                'rh.*' => 'Humidity is not a share; allowed: 1 to 100 %.',
                'air.required' => 'Air is empty; read the thermometer.',
            ],
        );
        $watch->air(
            $user,
            (float) MeasuredQuantity::read(Dimension::Temperature, $in['air']),
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

<?php

declare(strict_types=1);

namespace App\Curing\Http\Controllers;

use Aenum\Core\Trade\OvenEventKind;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\Reading;
use App\Curing\Queries\ReadableItem;
use App\Curing\Simulated\SimulatedThermometer;
use App\Platform\Clock\ShopClock;
use App\Platform\Demo\SimulatedDevices;
use App\Platform\Offline\ReplayOfflineSubmission;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A load on the floor: door, events, readings, pull. */
final class LoadController
{
    public function __construct(private readonly RunOven $run)
    {
    }

    public function shut(Request $request, OvenLoad $bake): RedirectResponse
    {
        $this->run->shut($bake, $this->user($request));

        return $this->to($bake, 'The door is shut and the clock runs.');
    }

    public function event(Request $request, OvenLoad $load): RedirectResponse
    {
        $in = $request->validate(
            [
                'kind' => ['required', Rule::enum(OvenEventKind::class)],
                'door_s' => ['nullable', 'required_if:kind,door', 'numeric', 'between:1,3600'],
                'new_setpoint' => [
                    'nullable',
                    'required_if:kind,setpoint',
                    new MeasuredQuantity(Dimension::Temperature, 20, $load->oven->max_c),
                ],
            ],
            [
                'door_s.*' => 'Seconds the door stood open must be a number; allowed: 1 to 3600.',
                'new_setpoint.required_if' => 'New setpoint is empty.',
            ],
        );
        $kind = OvenEventKind::from($in['kind']);
        $value = match ($kind) {
            OvenEventKind::Door => (float) $in['door_s'],
            OvenEventKind::Setpoint => MeasuredQuantity::read(Dimension::Temperature, $in['new_setpoint']),
            default => null,
        };
        $this->run->log($load, $this->user($request), $kind, $value);

        return $this->to($load, 'Logged; the plan follows.');
    }

    public function takeOut(Request $request, OvenLoad $bake, OvenLoadItem $item): RedirectResponse
    {
        abort_if($item->oven_load_id !== $bake->id, 404);
        $in = $request->validate(
            [
                'door_s' => ['required', 'numeric', 'between:1,3600'],
                'pieces' => ['nullable', 'integer', 'between:1,10000'],
            ],
            [
                'door_s.*' => 'Seconds the door stood open must be a number; allowed: 1 to 3600.',
                'pieces.*' => 'Pieces must be a whole number from 1.',
            ],
        );
        $pieces = isset($in['pieces']) ? (int) $in['pieces'] : null;
        $this->run->takeOut($bake, $item, $this->user($request), (float) $in['door_s'], $pieces);
        $out = ($pieces ?? $item->count)." × {$item->part->name}";

        return $this->to($bake, "{$out}: out. The rest bakes on; the verdict is below.");
    }

    public function neverLeft(Request $request, OvenLoad $bake, OvenLoadItem $item): RedirectResponse
    {
        abort_if($item->oven_load_id !== $bake->id, 404);
        $this->run->neverLeft($bake, $item, $this->user($request));

        return $this->to($bake, ucfirst($item->title()).' is still in.');
    }

    public function read(Request $request, OvenLoad $load): RedirectResponse
    {
        $in = $request->validate(
            [
                'item' => ['required', 'string', 'max:40'],
                'shown' => ['required', new MeasuredQuantity(Dimension::Temperature, -40, 700)],
                'set_emissivity' => ['required', 'numeric', 'between:0.1,1'],
                'source' => ['nullable', Rule::in(['typed', 'stand_in'])],
                'display' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 700)],
                'door' => [
                    Shop::current()->reads_door_open === null ? 'required' : 'nullable', Rule::in(['shut', 'open']),
                ],
                'confirmed' => ['nullable', 'boolean'],
                'surface' => ['nullable', Rule::in(['film', 'bare'])],
            ],
            [
                'shown.required' => 'Reading is empty; type what the thermometer shows.',
                'door.*' => 'How the gun is used is not picked: with the door open, or closed.',
                'set_emissivity.*' => 'Emissivity must be a number; allowed: 0.1 to 1.',
            ],
        );
        if ((float) strtr((string) $in['shown'], ',', '.') === 0.0) {
            throw ValidationException::withMessages(['shown' => 'Reading is 0: that is what a gun shows that has not '
                .'read. Hold the trigger on the metal until the number stands, then type it.']);
        }
        $open = isset($in['door']) ? $in['door'] === 'open' : Shop::current()->reads_door_open === true;
        $this->run->read(
            $load,
            $this->user($request),
            $in['item'],
            (float) MeasuredQuantity::read(Dimension::Temperature, $in['shown']),
            (float) $in['set_emissivity'],
            $in['source'] ?? 'typed',
            $open,
            ($in['surface'] ?? 'film') === 'bare',
            MeasuredQuantity::read(Dimension::Temperature, $in['display'] ?? null),
            // What waited for the network was meant as it was sent: nobody is there to be asked.
            ! empty($in['confirmed']) || $request->hasHeader(ReplayOfflineSubmission::HEADER),
        );
        if (Shop::current()->reads_door_open === null) {
            // Asked once: from now on the form starts with it.
            Shop::query()->whereKey(1)->update(['reads_door_open' => $open]);
        }

        return $this->to($load, 'The reading is taken in.');
    }

    /** What the simulated thermometer shows, as the reading field. */
    public function thermometer(Request $request, OvenLoad $load): View
    {
        SimulatedDevices::orNone();
        abort_unless($load->isRunning(), 409);
        $items = RunOven::board($load)->readItems();
        $position = ReadableItem::position($items, (string) $request->string('item'))
            ?? abort(422, 'That item is not in this load.');
        $standIn = new SimulatedThermometer($load, $items);

        return view('curing.cure.reading-field', [
            'shown' => $standIn->shows($position, ShopClock::now(), $request->query('door') === 'open'),
            'display' => $standIn->ovenShows(ShopClock::now()),
            'source' => 'stand_in',
        ]);
    }

    public function pull(Request $request, OvenLoad $bake): RedirectResponse
    {
        $this->run->pull($bake, $this->user($request));

        return $this->to($bake, 'Pulled. The verdict and the cooling clock are below.');
    }

    public function withdraw(Request $request, OvenLoad $bake): RedirectResponse
    {
        $this->run->withdraw($bake, $this->user($request));

        return redirect('/station/cure')->with('said', 'The load is taken down; its parts hang free again.');
    }

    public function withdrawReading(Request $request, Reading $reading): RedirectResponse
    {
        $this->run->withdraw($reading, $this->user($request));

        return $this->to(
            OvenLoad::query()->findOrFail($reading->oven_load_id),
            'The reading is not counted any more; it stays in the record.',
        );
    }

    public function withdrawEvent(Request $request, OvenEvent $event): RedirectResponse
    {
        $this->run->withdraw($event, $this->user($request));

        return $this->to(
            OvenLoad::query()->findOrFail($event->oven_load_id),
            'The entry is not counted any more; it stays in the record.',
        );
    }

    private function user(Request $request): User
    {
        /** @var User */
        return $request->user();
    }

    private function to(OvenLoad $bake, string $said): RedirectResponse
    {
        return redirect($bake->page())->with('said', $said);
    }
}

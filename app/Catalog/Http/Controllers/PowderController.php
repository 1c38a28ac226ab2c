<?php

declare(strict_types=1);

namespace App\Catalog\Http\Controllers;

use Aenum\Core\Application\Openness;
use Aenum\Core\Units\Dimension;
use App\Application\Models\Spraying;
use App\Application\Queries\PowderStock;
use App\Application\Queries\SprayStatistics;
use App\Catalog\Models\ColorStandard;
use App\Catalog\Models\Panel;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Catalog\Models\PowderPicture;
use App\Intake\Commands\StorePicture;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** One powder: lots, pictures, panels, color standards; and the box label. */
final class PowderController
{
    use RequiresUser;

    private const LATELY = 8;

    public function show(Powder $powder): View
    {
        $powder->load(['rows', 'lots', 'looks', 'panels']);
        SprayStatistics::preload(array_map(fn (Openness $open): array => [$powder, $open], Openness::cases()));
        $lately = Spraying::query()->with(['part.job', 'user', 'powderLot'])->where('powder_id', $powder->id)
            ->whereNotNull('done_at')->orderByDesc('id')->limit(self::LATELY);

        return view('catalog.one-powder', [
            'powder' => $powder,
            'stock' => PowderStock::of($powder),
            'lately' => $lately->get(),
            'taught' => array_map(
                fn (Openness $open): array => [$open, SprayStatistics::transfer($powder, $open)],
                Openness::cases(),
            ),
        ]);
    }

    public function addLot(Request $request, Powder $powder): RedirectResponse
    {
        $in = $request->validate([
            'number' => ['required', 'string', 'max:40'],
            'holds' => ['required', MeasuredQuantity::above(Dimension::Mass, 0, 100000)],
            'best_before' => ['nullable', 'date_format:Y-m-d'],
            'place' => ['nullable', 'string', 'max:60'],
        ], ['number.required' => 'Lot number is empty; it stands on the box.']);
        $lot = PowderLot::query()->create([
            'powder_id' => $powder->id,
            'number' => trim($in['number']),
            'kg' => MeasuredQuantity::read(Dimension::Mass, $in['holds']),
            'received_on' => ShopClock::today(),
            'best_before_on' => $in['best_before'] ?? null,
            'place' => $in['place'] ?? null,
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return $this->to($powder, ucfirst($lot->words()).' is on the shelf.');
    }

    /** A lot weighed anew, moved, finished, or never there. */
    public function changeLot(Request $request, PowderLot $powderLot): RedirectResponse
    {
        $in = $request->validate([
            'what' => ['required', Rule::in(['weighed', 'moved', 'finished', 'withdrawn'])],
            'holds' => ['nullable', 'required_if:what,weighed', new MeasuredQuantity(Dimension::Mass, 0, 100000)],
            'place' => ['nullable', 'string', 'max:60'],
        ], ['holds.required_if' => 'What it holds is empty; weigh the box without its tare.']);
        $by = $this->person($request);
        match ($in['what']) {
            'weighed' => $powderLot->update([
                'counted_kg' => MeasuredQuantity::read(Dimension::Mass, $in['holds']), 'counted_at' => ShopClock::now(),
                // What is weighed is there, whatever the books said.
                'finished_at' => null,
            ]),
            'moved' => $powderLot->update(['place' => $in['place'] ?? null]),
            'finished' => $powderLot->update(['finished_at' => ShopClock::now()]),
            default => $powderLot->withdraw($by, ShopClock::now()),
        };

        return $this->to($powderLot->powder, ucfirst($powderLot->words()).": {$in['what']}.");
    }

    public function card(PowderLot $powderLot): View
    {
        return view('catalog.lot-card', [
            'lot' => $powderLot->load('powder.rows'),
            'left' => PowderStock::leftG($powderLot),
        ]);
    }

    public function panel(Request $request, Powder $powder): RedirectResponse
    {
        $in = $request->validate([
            'signed_by' => ['required', 'string', 'max:120'],
            'panel_film' => ['nullable', MeasuredQuantity::above(Dimension::Film, 0, 2000)],
            'panel_note' => ['nullable', 'string', 'max:300'],
        ], ['signed_by.required' => 'Signed by is empty; the name of whoever has looked at it in daylight.']);
        Panel::query()->create([
            'powder_id' => $powder->id,
            'signed_by' => trim($in['signed_by']),
            'film_um' => MeasuredQuantity::read(Dimension::Film, $in['panel_film'] ?? null),
            'note' => $in['panel_note'] ?? null,
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return $this->to($powder, 'The panel is signed.');
    }

    public function withdrawPanel(Request $request, Panel $panel): RedirectResponse
    {
        $panel->withdraw($this->person($request), ShopClock::now());

        return redirect("/powders/{$panel->powder_id}")->with('said', 'That panel is taken back.');
    }

    /** A colour kept on the shelf to hold pieces against. */
    public function master(Request $request, Powder $powder): RedirectResponse
    {
        $in = $request->validate([
            'master' => ['required', 'string', 'max:80'],
            'master_place' => ['nullable', 'string', 'max:60'],
            'lab_l' => ['required', 'numeric', 'between:0,150'],
            'lab_a' => ['required', 'numeric', 'between:-200,200'],
            'lab_b' => ['required', 'numeric', 'between:-200,200'],
            'tolerance' => ['required', 'numeric', 'gt:0', 'max:50'],
        ], [
            'master.required' => 'Master is empty; what it is called on its back.',
            'lab_l.*' => 'L* is not a colour value; allowed: 0 to 150.',
            'lab_a.*' => 'a* is not a colour value; allowed: -200 to 200.',
            'lab_b.*' => 'b* is not a colour value; allowed: -200 to 200.',
            'tolerance.*' => 'Tolerance is not a ΔE00; allowed: above 0 to 50.',
        ]);
        ColorStandard::query()->create([
            'powder_id' => $powder->id,
            'name' => trim($in['master']),
            'place' => $in['master_place'] ?? null,
            'lab_l' => (float) $in['lab_l'],
            'lab_a' => (float) $in['lab_a'],
            'lab_b' => (float) $in['lab_b'],
            'tolerance' => (float) $in['tolerance'],
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return $this->to($powder, 'The master is on the shelf.');
    }

    public function withdrawMaster(Request $request, ColorStandard $standard): RedirectResponse
    {
        $standard->withdraw($this->person($request), ShopClock::now());

        return redirect("/powders/{$standard->powder_id}")->with('said', 'That master is off the shelf.');
    }

    public function look(Request $request, Powder $powder, StorePicture $keep): RedirectResponse
    {
        $in = $request->validate(['shows' => ['required', Rule::in(array_keys(PowderPicture::SHOWS))]]);
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages([
                'photo' => 'No photo came along; pick one, JPEG, PNG or WebP up to 15 MB.',
            ]);
        }
        $keep->ofPowder($powder, $file, $in['shows'], $this->person($request));

        return $this->to($powder, 'The photo is kept.');
    }

    public function withdrawLook(Request $request, PowderPicture $look): RedirectResponse
    {
        $look->withdraw($this->person($request), ShopClock::now());

        return $this->to($look->powder, 'That photo is taken away.');
    }

    public function image(PowderPicture $look): Response
    {
        abort_if($look->withdrawn_at !== null || ! Storage::disk()->exists($look->file), 404);

        return response((string) Storage::disk()->get($look->file), 200, [
            'Content-Type' => 'image/jpeg',
            'X-Content-Type-Options' => 'nosniff',
            'Content-Disposition' => 'inline',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    private function to(Powder $powder, string $said): RedirectResponse
    {
        return redirect("/powders/{$powder->id}")->with('said', $said);
    }
}

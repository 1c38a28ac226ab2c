<?php

declare(strict_types=1);

namespace App\Catalog\Http\Controllers;

use Aenum\Core\Units\Dimension;
use App\Accounts\Models\Shop;
use App\Application\Queries\GroundChecks;
use App\Application\ViewModels\PowderAir;
use App\Catalog\Http\Requests\GunRequest;
use App\Catalog\Models\Gun;
use App\Catalog\Models\GunProgram;
use App\Platform\Clock\ShopClock;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Guns, their programs, and the booth. */
final class GunController
{
    public function index(): View
    {
        $guns = Gun::query()->with('programs')->orderByRaw('retired_at IS NOT NULL')->orderBy('name')->get();

        return view('catalog.guns.index', [
            'guns' => $guns,
            'shop' => Shop::current(),
            'ground' => GroundChecks::now(null),
        ]);
    }

    public function create(): View
    {
        return view('catalog.guns.edit', ['gun' => null]);
    }

    public function store(GunRequest $request): RedirectResponse
    {
        $gun = Gun::query()->create($request->gun());

        return redirect(Shop::afterSaving("/guns/{$gun->id}/edit"))->with('said', "{$gun->name} is saved.");
    }

    public function edit(Gun $gun): View
    {
        return view('catalog.guns.edit', ['gun' => $gun->load('programs')]);
    }

    public function update(GunRequest $request, Gun $gun): RedirectResponse
    {
        $gun->update($request->gun());

        return redirect('/guns')->with('said', "{$gun->name} is saved.");
    }

    public function retire(Request $request, Gun $gun): RedirectResponse
    {
        $goes = $gun->retired_at === null;
        $gun->update([
            'retired_at' => $goes ? ShopClock::now() : null,
            'retired_by' => $goes ? $request->user()?->getAuthIdentifier() : null,
        ]);

        return redirect('/guns')->with('said', $goes ? "{$gun->name} is put away." : "{$gun->name} is back in use.");
    }

    /** A program as it is set on the gun; the same number again is set anew. */
    public function program(Request $request, Gun $gun): RedirectResponse
    {
        $in = $request->validate([
            'number' => ['required', 'integer', 'between:1,99'],
            'program_name' => ['required', 'string', 'max:60'],
            'kv' => ['required', 'numeric', 'between:0,'.$gun->most_kv],
            'ua' => ['nullable', 'numeric', 'between:0,'.($gun->most_ua ?? 1000)],
            'air' => ['nullable', 'numeric', 'gt:0', 'max:10000'],
            'powder_percent' => ['nullable', 'numeric', 'between:0,100'],
            'atomising_air' => ['nullable', 'numeric', 'between:0,10000'],
        ], [
            'powder_percent.*' => 'Enter powder output in percent (0 to 100).',
            'atomising_air.*' => 'Enter atomizing air as the gun shows it (0 to 10,000).',
            'number.*' => 'Number is not one; allowed: 1 to 99.',
            'kv.*' => "kV is not what this gun does; allowed: 0 to {$gun->most_kv}.",
            'ua.*' => 'µA is not what this gun does; allowed: 0 to '.($gun->most_ua ?? 1000).'.',
        ]);
        $air = PowderAir::ratio($gun, isset($in['air']) ? (float) $in['air'] : null) ?? 1.0;
        GunProgram::query()->updateOrCreate(['gun_id' => $gun->id, 'number' => (int) $in['number']], [
            'name' => trim($in['program_name']),
            'kv' => (float) $in['kv'],
            'ua' => isset($in['ua']) ? (float) $in['ua'] : null,
            'air' => $air,
            'powder_percent' => isset($in['powder_percent']) ? (float) $in['powder_percent'] : null,
            'atomising_air' => isset($in['atomising_air']) ? (float) $in['atomising_air'] : null,
        ]);

        return redirect("/guns/{$gun->id}/edit")->with('said', "Program {$in['number']} is kept.");
    }

    public function booth(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'booth_air' => ['nullable', MeasuredQuantity::above(Dimension::AirFlow, 0, 10000)],
            'booth_face_m_s' => ['nullable', 'numeric', 'gt:0', 'max:10'],
            'powder_reserve' => ['required', 'numeric', 'between:0,100'],
            'booth_reclaims' => ['nullable', 'boolean'],
        ], ['booth_face_m_s.*' => 'Air through the face is not a speed; allowed: above 0 to 10 m/s.']);
        Shop::query()->findOrFail(1)->update([
            'booth_air_m3_min' => MeasuredQuantity::read(Dimension::AirFlow, $in['booth_air'] ?? null),
            'booth_face_m_s' => isset($in['booth_face_m_s']) ? (float) $in['booth_face_m_s'] : null,
            'powder_reserve' => $in['powder_reserve'] / 100,
            'booth_reclaims' => ! empty($in['booth_reclaims']),
        ]);

        return redirect('/guns')->with('said', 'The booth is saved.');
    }
}

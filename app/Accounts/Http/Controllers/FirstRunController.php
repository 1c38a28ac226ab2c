<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use Aenum\Core\Units\UnitSystem;
use App\Accounts\Commands\FirstRunCode;
use App\Accounts\Commands\OpenShop;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Platform\Validation\StrongPassword;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** The first page of a new shop, and the set-up steps after it. */
final class FirstRunController
{
    public function show(): View
    {
        $zones = \DateTimeZone::listIdentifiers();

        return view('accounts.first-run', [
            'zones' => array_combine($zones, $zones),
            'units' => ['metric' => '°C, kg, mm, µm', 'us' => '°F, lb, in, mil'],
        ]);
    }

    public function open(Request $request, OpenShop $open): RedirectResponse
    {
        $own = [$request->string('owner')->toString(), $request->string('email')->toString(),
            $request->string('shop')->toString()];
        $in = $request->validate([
            'code' => ['required', 'string', 'max:40'],
            'shop' => ['required', 'string', 'max:100'],
            'timezone' => ['required', 'timezone:all'],
            'currency' => ['required', 'string', 'max:8'],
            'unit_system' => ['required', Rule::enum(UnitSystem::class)],
            'owner' => ['required', 'string', 'max:100'],
            'email' => ['required', 'email:strict', 'max:190'],
            'password' => ['required', 'string', new StrongPassword($own)],
        ]);
        SignInController::counted(
            $request,
            'first-run',
            fn (): bool => FirstRunCode::fits($in['code']),
            'code',
            'That is not the code on the console; ./start --shop prints a new one.',
        );
        Auth::login($open($in));
        FirstRunCode::done();
        $request->session()->regenerate();

        return redirect('/set-up')->with('said', "{$in['shop']} is open. What is set up now can be changed any time.");
    }

    public function steps(): View
    {
        $shop = Shop::current();

        // Each leads to its form until something is there, and to the list of it from then on.
        return view('accounts.set-up', ['steps' => [
            ['Ovens', 'Inside size, and minutes from cold to hot. The rest is estimated from these.',
                Oven::query()->exists(), '/ovens/create', '/ovens'],
            ['Powders', 'Name, chemistry, one cure row, film and price.',
                Powder::query()->exists(), '/powders/create', '/powders'],
            ['Guns', 'Its name is enough. What can be set on it decides what the coat bench asks.',
                Gun::query()->exists(), '/guns/create', '/guns'],
            ['The shop itself', 'What an hour costs; booth, hooks and compressor, as far as you know them.',
                $shop->price_hour !== null || $shop->boothMm() !== null || $shop->compressor_m3_min !== null,
                '/shop', '/shop'],
            ['Safety equipment', 'Light-metal cabinet, breathing air, gun interlock. What is not recorded is asked at '
                .'the station, and signed there.',
                $shop->light_metal_cabinet !== null && $shop->gun_interlocked !== null, '/shop#safety', '/shop#safety'],
            ['People', 'Who else works here, and what each may do.', User::query()->count() > 1, '/people', '/people'],
        ]]);
    }

    public function done(): RedirectResponse
    {
        Shop::current()->update(['set_up_at' => now()]);

        return redirect('/jobs/create')->with('said', 'The shop is set up. Take in its first job whenever it comes.');
    }
}

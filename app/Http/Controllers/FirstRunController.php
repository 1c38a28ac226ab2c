<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Unit\UnitSystem;
use App\Actions\Accounts\FirstRun;
use App\Actions\Accounts\OpenShop;
use App\Models\Gun;
use App\Models\Oven;
use App\Models\Powder;
use App\Models\Shop;
use App\Models\User;
use App\Rules\GoodPassword;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** A shop's first page, and what its owner sets up after it, in the order a shop would. */
final class FirstRunController
{
    public function show(): View
    {
        $zones = \DateTimeZone::listIdentifiers();

        return view('first-run', [
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
            'password' => ['required', 'string', new GoodPassword($own)],
        ]);
        SignInController::counted(
            $request,
            'first-run',
            fn (): bool => FirstRun::fits($in['code']),
            'code',
            'That is not the code on the console; ./start --shop prints a new one.',
        );
        Auth::login($open($in));
        FirstRun::done();
        $request->session()->regenerate();

        return redirect('/set-up')->with('said', "{$in['shop']} is open. What is set up now can be changed any time.");
    }

    public function steps(): View
    {
        $shop = Shop::current();

        return view('house.set-up', ['steps' => [
            ['People', 'Who works here, and what each may do.', '/people', User::query()->count() > 1],
            ['Ovens', 'Four answers each; its figures are worked out from them.', '/ovens/create',
                Oven::query()->exists()],
            ['Booth, rail and air', 'How wide the booth is, what rail and hook carry, what the compressor gives.',
                '/shop#what-the-shop-has', $shop->boothMm() !== null || $shop->compressor_m3_min !== null],
            ['Guns and booth', 'What can be set on them decides what the coat bench asks.', '/guns/create',
                Gun::query()->exists()],
            ['Powders', 'As their sheets give them.', '/powders/create', Powder::query()->exists()],
        ]]);
    }

    public function done(): RedirectResponse
    {
        Shop::current()->update(['set_up_at' => now()]);

        return redirect('/')->with('said', 'Take the first job in whenever it comes.');
    }
}

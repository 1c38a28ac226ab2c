<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\User;
use App\ShopFloor\ViewModels\RunningTimers;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** A shared tablet while nobody is signed in at it: running timers, and sign-in by PIN. */
final class TabletController
{
    /** A PIN is short, so wrong ones are remembered longer than a wrong password. */
    private const WRONG_PIN_S = 300;

    public function show(Request $request): View|RedirectResponse
    {
        $tablet = SharedTablet::tablet($request);
        $people = User::query()->where('active', true)->whereNotNull('pin')->orderBy('name')->get();

        return $tablet === null
            ? redirect('/sign-in')
            : view('accounts.tablet', ['tablet' => $tablet, 'people' => $people, 'clocks' => RunningTimers::all()]);
    }

    public function signOn(Request $request): RedirectResponse
    {
        $tablet = SharedTablet::tablet($request) ?? abort(403);
        $in = $request->validate(
            ['who' => ['required', 'integer'], 'pin' => ['required', 'string', 'max:20']],
            ['who.*' => 'Pick your name first.', 'pin.*' => 'PIN is empty.'],
        );
        $user = User::query()->find((int) $in['who']);
        SignInController::counted(
            $request,
            "pin|{$tablet->id}|{$in['who']}",
            fn (): bool => $user?->active === true && $user->pin !== null && Hash::check($in['pin'], $user->pin),
            'pin',
            'That PIN does not belong to that name.',
            self::WRONG_PIN_S,
        );
        Auth::login($user ?? abort(403));
        $request->session()->regenerate();
        $request->session()->put(SharedTablet::SESSION, $tablet->id);
        $request->session()->forget('touched_at');

        return redirect()->intended('/');
    }
}

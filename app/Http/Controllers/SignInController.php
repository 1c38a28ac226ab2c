<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** Signing in and out. Wrong passwords are counted for a minute, by name and by place; right ones are not. */
final class SignInController
{
    private const TRIES_A_NAME = 6;

    private const TRIES_A_PLACE = 30;

    public function show(): View
    {
        return view('sign-in');
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']],
            ['email.required' => 'E-mail is empty.', 'password.required' => 'Password is empty.'],
        );
        $tries = [
            'sign-in|'.mb_strtolower($given['email']).'|'.$request->ip() => self::TRIES_A_NAME,
            'sign-in|'.$request->ip() => self::TRIES_A_PLACE,
        ];
        foreach ($tries as $key => $most) {
            abort_if(RateLimiter::tooManyAttempts($key, $most), 429);
        }
        if (
            ! Auth::attempt(['email' => $given['email'], 'password' => $given['password'], 'active' => true], true)
        ) {
            array_map(fn (string $key): int => RateLimiter::hit($key), array_keys($tries));

            return back()
                ->withInput(['email' => $given['email']])
                ->withErrors([
                    'email' => 'E-mail and password do not belong together; try again, or ask the owner.',
                ]);
        }
        RateLimiter::clear(array_key_first($tries));
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function signOut(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}

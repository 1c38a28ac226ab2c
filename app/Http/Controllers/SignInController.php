<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignInController
{
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
        if (! Auth::attempt(['email' => $given['email'], 'password' => $given['password'], 'active' => true], true)) {
            return back()->withInput(['email' => $given['email']])->withErrors(['email' => 'E-mail and password do not belong together; try again, or ask the owner.']);
        }
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

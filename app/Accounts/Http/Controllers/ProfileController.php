<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use Aenum\Core\Units\UnitSystem;
use App\Accounts\Commands\RevokeAccess;
use App\Accounts\Commands\Sessions;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\Shop;
use App\Platform\Validation\StrongPassword;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person's own settings: units, password, PIN, sessions. */
final class ProfileController
{
    use \App\Platform\Http\Controllers\RequiresUser;

    public function show(Request $request): View
    {
        return view('accounts.me', [
            'me' => $this->person($request),
            'sessions' => Sessions::of($this->person($request), $request->session()->getId()),
            'byPin' => $request->session()->has(SharedTablet::SESSION),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'unit_system' => ['required', Rule::enum(UnitSystem::class)],
            'theme' => ['required', Rule::in(['system', 'light', 'dark'])],
            'clock' => ['sometimes', Rule::in(['24', '12'])],
        ]);
        $this->person($request)->update($in);

        return back()->with('said', 'Saved.');
    }

    /** Whoever changes a password is signed out everywhere else. */
    public function password(Request $request): RedirectResponse
    {
        $me = $this->person($request);
        $in = $request->validate([
            'current_password' => ['required', 'string', 'max:200'],
            'new_password' => [
                'required',
                'string',
                new StrongPassword([$me->name, $me->email, Shop::current()->name]),
                'same:again',
            ],
            'again' => ['required', 'string'],
        ], ['new_password.same' => 'New password and the same again differ; type both once more.']);
        $this->mustKnow($request, $in['current_password']);
        $me->update(['password' => $in['new_password'], 'code' => null, 'code_until' => null]);
        Sessions::end($me, $request->session()->getId());

        return redirect('/me')->with('said', 'The password is changed; you are signed out everywhere else.');
    }

    public function pin(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'current_password' => ['required', 'string', 'max:200'],
            'pin' => ['nullable', 'regex:/^\d{4,8}$/', 'not_regex:/^(\d)\1+$/', Rule::notIn(['1234', '12345', '123456',
                '4321', '0123', '2580'])],
        ], [
            'pin.regex' => 'PIN must be 4 to 8 figures; leave it empty for none.',
            'pin.not_regex' => 'PIN is one figure again and again; take another.',
            'pin.not_in' => 'PIN is one of those that are tried first; take another.',
        ]);
        $this->mustKnow($request, $in['current_password']);
        $pin = $in['pin'] ?? null;
        $this->person($request)->update(['pin' => $pin === null ? null : Hash::make($pin)]);

        return redirect('/me')->with('said', $pin === null ? 'You have no PIN any more.' : 'Your PIN is set.');
    }

    public function endSessions(Request $request): RedirectResponse
    {
        RevokeAccess::everywhere($this->person($request), $request->session()->getId());

        return redirect('/me')->with('said', 'You are signed out everywhere else, and your devices have no access.');
    }

    /** @throws ValidationException */
    private function mustKnow(Request $request, string $password): void
    {
        $me = $this->person($request);
        SignInController::counted(
            $request,
            'sign-in|'.SignInController::nameKey($me->email),
            fn (): bool => Hash::check($password, $me->getAuthPassword()),
            'current_password',
            'That is not your password now.',
        );
    }
}

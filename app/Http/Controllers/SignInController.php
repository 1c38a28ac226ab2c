<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Accounts\OneTimeCode;
use App\Actions\Accounts\Sessions;
use App\Http\Middleware\SharedTablet;
use App\Models\Shop;
use App\Models\Tablet;
use App\Models\User;
use App\Rules\GoodPassword;
use App\Support\DemoSignIns;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Signing in and out. Wrong tries are counted, by name and by place; right ones are not. */
final class SignInController
{
    private const TRIES_A_NAME = 6;

    private const TRIES_A_PLACE = 30;

    private const COUNTED_S = 60;

    public function show(Request $request): View|RedirectResponse
    {
        return Tablet::from($request) !== null && ! $request->has('password')
            ? redirect('/tablet')
            : view('sign-in', ['demo' => DemoSignIns::shownTo($request), 'tablet' => Tablet::from($request)]);
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']],
            ['email.required' => 'E-mail is empty.', 'password.required' => 'Password is empty.'],
        );
        $who = ['email' => $given['email'], 'password' => $given['password'], 'active' => true];
        self::counted(
            $request,
            'sign-in|'.mb_strtolower($given['email']),
            fn (): bool => Auth::attempt($who, $request->boolean('remember')),
            'email',
            'E-mail and password do not belong together; try again, or ask the owner.',
        );

        return $this->in($request);
    }

    public function showCode(): View
    {
        return view('sign-in-code');
    }

    /** A new password, by the code an owner gave out. */
    public function useCode(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'email' => ['required', 'string', 'max:190'],
            'code' => ['required', 'string', 'max:40'],
            'new_password' => ['required', 'string', 'max:200', 'same:again'],
            'again' => ['required', 'string'],
        ], ['new_password.same' => 'New password and the same again differ; type both once more.']);
        $user = User::query()->where('email', $in['email'])->first();
        self::counted(
            $request,
            'code|'.mb_strtolower($in['email']),
            fn (): bool => OneTimeCode::fits($user, $in['code']),
            'code',
            'E-mail and code do not belong together, or the code is used or too old; ask the owner for another.',
        );
        $user ??= throw ValidationException::withMessages(['code' => 'That code is used.']);
        $request->validate([
            'new_password' => [new GoodPassword([$user->name, $user->email, Shop::current()->name])],
        ]);
        DB::transaction(function () use ($user, $in): void {
            $user->update(['password' => $in['new_password'], 'code' => null, 'code_until' => null]);
            Sessions::end($user);
        });
        Auth::login($user);

        return $this->in($request);
    }

    public function signOut(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect(Tablet::from($request) === null ? '/sign-in' : '/tablet');
    }

    /**
     * A try that counts where it is wrong; too many and the door stays shut for a while.
     *
     * @param  Closure(): bool  $isRight
     *
     * @throws ValidationException
     */
    public static function counted(
        Request $request,
        string $name,
        Closure $isRight,
        string $field,
        string $wrong,
        int $seconds = self::COUNTED_S,
    ): void {
        $tries = ["{$name}|{$request->ip()}" => self::TRIES_A_NAME, "place|{$request->ip()}" => self::TRIES_A_PLACE];
        foreach ($tries as $key => $most) {
            abort_if(RateLimiter::tooManyAttempts($key, $most), 429);
        }
        if (! $isRight()) {
            array_map(fn (string $key): int => RateLimiter::hit($key, $seconds), array_keys($tries));
            throw ValidationException::withMessages([$field => $wrong]);
        }
        RateLimiter::clear((string) array_key_first($tries));
    }

    private function in(Request $request): RedirectResponse
    {
        $request->session()->regenerate();
        $request->session()->forget(SharedTablet::SESSION);

        return redirect()->intended('/');
    }
}

<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use App\Accounts\Commands\OneTimeCode;
use App\Accounts\Commands\Sessions;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Platform\Demo\DemoSignIns;
use App\Platform\Security\DummyHash;
use App\Platform\Validation\StrongPassword;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Signing in and out. Failed attempts are limited by name and by address. */
final class SignInController
{
    private const TRIES_A_NAME = 6;

    private const TRIES_A_PLACE = 30;

    private const COUNTED_S = 60;

    public function show(Request $request): View|RedirectResponse
    {
        return SharedTablet::tablet($request) !== null && ! $request->has('password')
            ? redirect('/tablet')
            : view('accounts.sign-in', [
                'demo' => DemoSignIns::shownTo($request),
                'tablet' => SharedTablet::tablet($request),
            ]);
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']],
            ['email.required' => 'E-mail is empty.', 'password.required' => 'Password is empty.'],
        );
        $user = User::query()->where('email', $given['email'])->where('active', true)->first();
        $hash = $user?->getAuthPassword() ?? DummyHash::get();
        self::counted(
            $request,
            'sign-in|'.self::nameKey($given['email']),
            fn (): bool => Hash::check($given['password'], $hash) && $user !== null,
            'email',
            'E-mail and password do not belong together; try again, or ask the owner.',
        );
        Auth::login($user ?? abort(403), $request->boolean('remember'));

        return $this->in($request);
    }

    public function showCode(): View
    {
        return view('accounts.sign-in-code');
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
        $user = null;
        self::counted(
            $request,
            'code|'.self::nameKey($in['email']),
            function () use ($request, $in, &$user): bool {
                $user = $this->passwordByCode($request, $in['email'], $in['code'], $in['new_password']);

                return $user !== null;
            },
            'code',
            'E-mail and code do not belong together, or the code is used or too old; ask the owner for another.',
        );
        Auth::login($user ?? abort(403));

        return $this->in($request);
    }

    /** Ends this device's session only; on a device of one's own also "stay signed in" everywhere. */
    public function signOut(Request $request): RedirectResponse
    {
        $isShared = $request->session()->has(SharedTablet::SESSION) || SharedTablet::tablet($request) !== null;
        $isShared ? Auth::logoutCurrentDevice() : Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect(SharedTablet::tablet($request) === null ? '/sign-in' : '/tablet');
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

    /** Names that the database takes for the same have the same key: case, accents, signs of no width. */
    public static function nameKey(string $email): string
    {
        $weight = DB::scalar(
            'SELECT HEX(WEIGHT_STRING(CONVERT(? USING utf8mb4) COLLATE utf8mb4_unicode_ci))',
            [rtrim($email, ' ')],
        );

        return hash('sha256', (string) $weight);
    }

    /**
     * Sets a new password by a one-time code, which is used up with it; two who send the same code take turns.
     *
     * @return User|null null where the code does not fit
     *
     * @throws ValidationException where the password is not good enough; the code can be used again
     */
    private function passwordByCode(Request $request, string $email, string $code, string $password): ?User
    {
        return DB::transaction(function () use ($request, $email, $code, $password): ?User {
            $user = User::query()->where('email', $email)->lockForUpdate()->first();
            if (! OneTimeCode::fits($user, $code) || $user === null) {
                return null;
            }
            $request->validate([
                'new_password' => [new StrongPassword([$user->name, $user->email, Shop::current()->name])],
            ]);
            $user->update(['password' => $password, 'code' => null, 'code_until' => null]);
            Sessions::end($user);

            return $user;
        });
    }

    private function in(Request $request): RedirectResponse
    {
        $request->session()->regenerate();
        $request->session()->forget(SharedTablet::SESSION);

        return redirect()->intended('/');
    }
}

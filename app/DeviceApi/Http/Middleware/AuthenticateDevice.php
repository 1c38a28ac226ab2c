<?php

declare(strict_types=1);

namespace App\DeviceApi\Http\Middleware;

use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\User;
use App\DeviceApi\DeviceEndpoint;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Laravel\Sanctum\Exceptions\MissingAbilityException;
use Symfony\Component\HttpFoundation\Response;

/** Authenticates a device by its token, checks its abilities and limits its rate. */
final readonly class AuthenticateDevice
{
    /** Guesses of a token, from one place, in a minute. */
    private const GUESSES = 30;

    public function __construct(private RateLimiter $limits)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $call = DeviceEndpoint::from((string) $request->route()?->originalParameter('call'));
        $request->route()?->forgetParameter('call');
        $this->notTooOften('door guesses '.$request->ip(), self::GUESSES, false);
        Auth::shouldUse('sanctum');
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if (! $user instanceof User || ! $token instanceof DeviceToken || ! $user->active) {
            $this->limits->hit('door guesses '.$request->ip());
            throw new AuthenticationException;
        }
        $this->notTooOften("door {$token->id}", DeviceEndpoint::A_MINUTE, true);
        $may = $token->can($call->ability()->value) && ($user->works() || ! $call->ability()->writes());
        if (! $may) {
            throw new MissingAbilityException([$call->ability()->value]);
        }
        $token->seen();
        $request->attributes->set('door_call', $call);

        return $next($request);
    }

    private function notTooOften(string $key, int $most, bool $counts): void
    {
        if ($this->limits->tooManyAttempts($key, $most)) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => $this->limits->availableIn($key)]);
        }
        $counts ? $this->limits->hit($key) : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Accounts\Http\Middleware;

use App\Accounts\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Signs out a person who was deactivated. */
final class EnsureUserIsActive
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && ! $user->active) {
            Auth::logout();
            $request->session()->invalidate();

            return redirect('/sign-in');
        }

        return $next($request);
    }
}

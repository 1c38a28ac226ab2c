<?php

declare(strict_types=1);

namespace App\Accounts\Http\Middleware;

use App\Accounts\Models\Shop;
use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Redirects to the first-run page until there is a shop. */
final class EnsureShopIsConfigured
{
    public function handle(Request $request, Closure $next): Response
    {
        try {
            $isThere = Shop::current()->id === 1;
        } catch (ModelNotFoundException) {
            $isThere = false;
        }
        if ($isThere === $request->is('first-run')) {
            return redirect($isThere ? '/' : '/first-run');
        }

        return $next($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Accounts\Http\Middleware;

use App\Accounts\Models\Shop;
use App\Accounts\Models\Tablet;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Signs out at a shared tablet that is not touched; background requests do not count as touches. */
final class SharedTablet
{
    private const TOUCHED = 'touched_at';

    /** The session knows which tablet it is on, and that a PIN was enough to begin it. */
    public const SESSION = 'tablet';

    /** The shared tablet a request comes from; null where it comes from none. */
    public static function tablet(Request $request): ?Tablet
    {
        return Tablet::withCookie($request->cookie(Tablet::COOKIE));
    }

    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        if (! $session->has(self::SESSION)) {
            return $next($request);
        }
        $idle = now()->getTimestamp() - (int) $session->get(self::TOUCHED, now()->getTimestamp());
        $withdrawn = Tablet::query()->whereKey($session->get(self::SESSION))->whereNull('withdrawn_at')->doesntExist();
        if ($withdrawn || $idle > 60 * Shop::current()->tablet_minutes) {
            Auth::logoutCurrentDevice();
            $session->invalidate();

            return $request->hasHeader('HX-Request')
                ? response('', 401, ['HX-Redirect' => '/tablet'])
                : redirect('/tablet');
        }
        if (! $request->hasHeader('HX-Request') || ! $request->isMethodSafe()) {
            $session->put(self::TOUCHED, now()->getTimestamp());
        }

        return $next($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Rejects unknown host names, and ignores referrers of other hosts. */
final class TrustKnownHosts
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var list<string> $hosts */
        $hosts = config('app.hosts');
        abort_if($hosts !== [] && ! in_array($request->getHost(), $hosts, true), 400);
        $from = parse_url((string) $request->headers->get('referer'), PHP_URL_HOST);
        if ($from !== null && $from !== $request->getHost()) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }
}

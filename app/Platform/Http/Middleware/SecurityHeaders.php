<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Sets the content security policy and related headers: own host only, nothing inline. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src "
        ."'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'; "
        ."worker-src 'self'; manifest-src 'self'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('X-Frame-Options', 'DENY');
        // A page that is stricter keeps its own.
        $response->headers->set('Referrer-Policy', $response->headers->get('Referrer-Policy') ?? 'same-origin');
        $response->headers->set(
            'Permissions-Policy',
            'camera=(), microphone=(), geolocation=(), interest-cohort=()',
        );
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        if (
            ! $response->headers->has('Cache-Control') ||
            str_contains((string) $response->headers->get('Content-Type'), 'text/html')
        ) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=86400');
        }
        $response->headers->remove('X-Powered-By');

        return $response;
    }
}

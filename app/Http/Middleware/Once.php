<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that carries a token does its work once, however often it is sent.
 *
 * The first request spends the token; a repeat is sent where the first one led. A refused form keeps its token, so
 * that it can be mended and sent again.
 */
final class Once
{
    /** A form left open longer than this is too old to be sent twice by accident. */
    private const KEEP_DAYS = 14;

    private const PRUNE_ONE_IN = 500;

    public function handle(Request $request, Closure $next): Response
    {
        $token = $request->isMethodSafe() ? null : $request->input('_once');
        $user = $request->user();
        if (! is_string($token) || ! Str::isUuid($token) || $user === null) {
            return $next($request);
        }
        if (random_int(1, self::PRUNE_ONE_IN) === 1) {
            DB::table('spent_tokens')->where('created_at', '<', now()->subDays(self::KEEP_DAYS))->delete();
        }
        if (
            DB::table('spent_tokens')->insertOrIgnore([
                'token' => $token,
                'user_id' => $user->getAuthIdentifier(),
            ]) === 0
        ) {
            $spent = DB::table('spent_tokens')
                ->where('token', $token)
                ->where('user_id', $user->getAuthIdentifier())
                ->first();
            abort_if($spent === null, 409, 'This form was already sent by someone else.');

            return redirect()
                ->to($spent->leads_to ?? url()->previous('/'))
                ->with('said', 'That was already done; nothing was done twice.');
        }
        $response = $next($request);
        $done = $response->isSuccessful() || ($response instanceof RedirectResponse && ! $this->refused($request));
        if ($done) {
            DB::table('spent_tokens')
                ->where('token', $token)
                ->update([
                    'leads_to' => $response instanceof RedirectResponse
                            ? Str::limit($response->getTargetUrl(), 490, '')
                            : null,
                ]);
        } else {
            DB::table('spent_tokens')->where('token', $token)->delete();
        }

        return $response;
    }

    /** Whether this very request put errors on the form; those of an earlier one may still be in the session. */
    private function refused(Request $request): bool
    {
        $fresh = $request->session()->get('_flash.new', []);

        return is_array($fresh) && in_array('errors', $fresh, true);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform\Idempotency;

use App\Platform\Database\TransactionRetrier;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Handles a form exactly once.
 *
 * Everything a request writes is one transaction, and the form's token is spent in it: both are kept or neither. While
 * one is handled, a repeat waits for it. A refused form keeps its token, so that it can be corrected and sent again.
 * Deadlocked requests are retried.
 */
final class EnsureIdempotentSubmission
{
    /** A form left open longer than this is too old to be sent twice by accident. */
    private const KEEP_DAYS = 14;

    private const PRUNE_ONE_IN = 500;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->user() === null) {
            return $next($request);
        }
        $session = $request->session();
        $asItWas = $session->all();

        return TransactionRetrier::of(
            fn (): Response => $this->work($request, $next),
            fn (Response $answer): bool => $this->isDone($answer, $request),
            Str::isUuid($request->input('_once')),
            // What the last try told the next page is not so.
            function () use ($session, $asItWas): void {
                $session->flush();
                $session->put($asItWas);
            },
        ) ?? $this->underWay();
    }

    private function work(Request $request, Closure $next): Response
    {
        $token = $request->input('_once');
        if (! is_string($token) || ! Str::isUuid($token)) {
            return $next($request);
        }
        $mine = ['token' => $token, 'user_id' => $request->user()?->getAuthIdentifier()];
        if (DB::table('idempotency_tokens')->insertOrIgnore($mine) === 0) {
            return $this->wasDone($mine);
        }
        $answer = $next($request);
        if ($this->isDone($answer, $request) && $answer instanceof RedirectResponse) {
            DB::table('idempotency_tokens')
                ->where('token', $token)
                ->update(['leads_to' => Str::limit($answer->getTargetUrl(), 490, '')]);
        }
        if (random_int(1, self::PRUNE_ONE_IN) === 1) {
            DB::table('idempotency_tokens')->where('created_at', '<', now()->subDays(self::KEEP_DAYS))->delete();
        }

        return $answer;
    }

    /** @param  array{token: string, user_id: mixed}  $mine */
    private function wasDone(array $mine): RedirectResponse
    {
        $spent = DB::table('idempotency_tokens')->where($mine)->first();
        abort_if($spent === null, 409, 'This form was already sent by someone else.');

        return redirect()
            ->to($spent->leads_to ?? url()->previous('/'))
            ->with('said', 'That was already done; nothing was done twice.');
    }

    private function underWay(): never
    {
        throw ValidationException::withMessages([
            'form' => 'Somebody, or this form sent before, is writing there just now, so nothing was done yet. Look '
                .'in a moment whether it is there; if not, send it again.',
        ]);
    }

    private function isDone(Response $answer, Request $request): bool
    {
        return $answer->isSuccessful() || ($answer instanceof RedirectResponse && ! $this->refused($request));
    }

    /** Whether this very request put errors on the form; those of an earlier one may still be in the session. */
    private function refused(Request $request): bool
    {
        $fresh = $request->session()->get('_flash.new', []);

        return is_array($fresh) && in_array('errors', $fresh, true);
    }
}

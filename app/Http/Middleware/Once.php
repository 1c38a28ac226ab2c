<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as OwnResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * What a form does is done whole, once, or not at all.
 *
 * All a request writes is one transaction, and the token its form carries is spent in it: whatever dies in between,
 * either both are kept or neither, so that a form sent again does its work exactly when it was not done. While one is
 * worked on, the same sent again waits for it. A refused form keeps its token, so that it can be mended and sent
 * again. Two that stop each other in the database take turns without anybody noticing.
 */
final class Once
{
    /** A form left open longer than this is too old to be sent twice by accident. */
    private const KEEP_DAYS = 14;

    private const PRUNE_ONE_IN = 500;

    /** How often a request that met another in the database is tried before it is called a fault. */
    private const TRIES = 5;

    /** MariaDB's numbers: a deadlock, which is also what a cluster says of a conflict; a lock waited for in vain. */
    private const DEADLOCK = 1213;

    private const WAITED_IN_VAIN = 1205;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->user() === null) {
            return $next($request);
        }
        for ($try = 1; ; $try++) {
            $fault = null;
            $answer = null;
            DB::beginTransaction();
            try {
                $answer = $this->work($request, $next);
                $fault = $this->faultOf($answer);
                $this->isDone($answer, $request) ? DB::commit() : DB::rollBack();
            } catch (Throwable $e) {
                DB::rollBack();
                $fault = $e;
            }
            if (self::number($fault) === self::WAITED_IN_VAIN) {
                return $this->underWay();
            }
            if ($try === self::TRIES || self::number($fault) !== self::DEADLOCK) {
                return $answer ?? throw $fault;
            }
        }
    }

    private function work(Request $request, Closure $next): Response
    {
        $token = $request->input('_once');
        if (! is_string($token) || ! Str::isUuid($token)) {
            return $next($request);
        }
        $mine = ['token' => $token, 'user_id' => $request->user()?->getAuthIdentifier()];
        if (DB::table('spent_tokens')->insertOrIgnore($mine) === 0) {
            return $this->wasDone($mine);
        }
        $answer = $next($request);
        if ($this->isDone($answer, $request) && $answer instanceof RedirectResponse) {
            DB::table('spent_tokens')
                ->where('token', $token)
                ->update(['leads_to' => Str::limit($answer->getTargetUrl(), 490, '')]);
        }
        if (random_int(1, self::PRUNE_ONE_IN) === 1) {
            DB::table('spent_tokens')->where('created_at', '<', now()->subDays(self::KEEP_DAYS))->delete();
        }

        return $answer;
    }

    /** @param  array{token: string, user_id: mixed}  $mine */
    private function wasDone(array $mine): RedirectResponse
    {
        $spent = DB::table('spent_tokens')->where($mine)->first();
        abort_if($spent === null, 409, 'This form was already sent by someone else.');

        return redirect()
            ->to($spent->leads_to ?? url()->previous('/'))
            ->with('said', 'That was already done; nothing was done twice.');
    }

    private function underWay(): RedirectResponse
    {
        return redirect()->back(fallback: '/')->withInput()->withErrors([
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

    private function faultOf(Response $answer): ?Throwable
    {
        return $answer instanceof OwnResponse || $answer instanceof RedirectResponse ? $answer->exception : null;
    }

    private static function number(?Throwable $fault): ?int
    {
        for (; $fault !== null; $fault = $fault->getPrevious()) {
            if ($fault instanceof QueryException || $fault instanceof \PDOException) {
                return isset($fault->errorInfo[1]) ? (int) $fault->errorInfo[1] : null;
            }
        }

        return null;
    }
}

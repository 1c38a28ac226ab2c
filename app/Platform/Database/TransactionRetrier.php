<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as OwnResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Once as Memo;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Runs everything a request writes in one transaction. Retries write conflicts transparently; retries a lost connection
 * only where an idempotency token tells whether the work was done.
 */
final class TransactionRetrier
{
    /** How often one that met another is tried before it is called a fault. */
    private const TRIES = 20;

    /** Those that met do not meet again at once: so much further apart with each try, ms. */
    private const APART_MS = 30;

    /** How often a database that went away is asked again. */
    private const TRIES_GONE = 10;

    /** So long after a request came in it is not tried again, s: a person has waited long enough. */
    private const PATIENCE_S = 8.0;

    private const STUCK_S = 3.0;

    /** How long is waited for a database that went away, before it is asked again, ms. */
    private const PAUSE_MS = 700;

    /**
     * @param  Closure(): Response  $work
     * @param  Closure(Response): bool  $isDone  whether what it answers is to be kept
     * @param  bool  $isKnown  whether a token in it says that it was done before
     * @param  Closure(): void  $again  what has to be put back before it goes again
     * @return Response|null null where it waited in vain for somebody who writes there
     *
     * @throws Throwable what stood in its way
     */
    public static function of(Closure $work, Closure $isDone, bool $isKnown, Closure $again): ?Response
    {
        for ($try = 1; ; $try++) {
            $began = microtime(true);
            [$answer, $fault] = self::go($work, $isDone);
            $cause = DatabaseFault::in($fault);
            if ($cause === DatabaseFault::WaitedInVain) {
                return null;
            }
            $passes = $cause === DatabaseFault::Met || ($isKnown && $cause?->passes() === true);
            $most = $cause === DatabaseFault::Met ? self::TRIES : self::TRIES_GONE;
            // One that stood still for seconds stands still the next time, too.
            $isStuck = $cause !== DatabaseFault::Met && microtime(true) - $began > self::STUCK_S;
            $isLong = LostConnections::secondsSinceRequest() > self::PATIENCE_S;
            if ($try >= $most || ! $passes || $isStuck || $isLong) {
                return $answer ?? throw $fault ?? new \LogicException('no answer and no fault');
            }
            self::rest($cause, $try);
            // What was remembered of rows that are undone is not so.
            Memo::flush();
            $again();
        }
    }

    /**
     * @param  Closure(): Response  $work
     * @param  Closure(Response): bool  $isDone
     * @return array{?Response, ?Throwable}
     */
    private static function go(Closure $work, Closure $isDone): array
    {
        try {
            DB::beginTransaction();
            $answer = $work();
            $isDone($answer) ? DB::commit() : DB::rollBack();

            return [$answer, self::faultOf($answer)];
        } catch (Throwable $e) {
            try {
                DB::rollBack();
            } catch (Throwable) {
                // A database that is gone has undone it.
                DB::purge();
            }

            // What was not kept is not answered, however well it went until then.
            return [null, $e];
        }
    }

    private static function rest(?DatabaseFault $cause, int $try): void
    {
        if ($cause === DatabaseFault::Met) {
            usleep(random_int(0, 1000 * self::APART_MS * $try));

            return;
        }
        usleep(1000 * self::PAUSE_MS);
        DB::purge();
    }

    private static function faultOf(Response $answer): ?Throwable
    {
        $tells = $answer instanceof OwnResponse || $answer instanceof RedirectResponse
            || $answer instanceof JsonResponse;

        return $tells ? $answer->exception : null;
    }
}

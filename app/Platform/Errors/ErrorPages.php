<?php

declare(strict_types=1);

namespace App\Platform\Errors;

use App\Platform\Database\DatabaseFault;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Validation\ValidationException;
use Laravel\Sanctum\Exceptions\MissingAbilityException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Error pages in plain words, with what to do next. */
final class ErrorPages
{
    /** status => title, what it says; the last one stands for every other */
    private const WORDS = [
        400 => ['Not an address of this shop', 'Aenum does not answer by that name or address. Go by the one that '
            .'./start printed on its machine.'],
        401 => ['Sign in first', 'You are signed out. Sign in, and go on.'],
        403 => ['That is not yours to do', 'Your sign-in does not allow this. Ask the owner.'],
        404 => ['Nothing hangs here', 'The page or record you asked for is not there.'],
        405 => ['Not this way', 'This address does not take that kind of request.'],
        409 => ['Already sent', 'This form was already sent.'],
        413 => ['Too large', 'What you sent is larger than any that is taken; allowed: photos up to 15 MB, meshes up '
            .'to 64 MB, logs up to 20 MB. Go back: what you typed is still there.'],
        419 => ['The page was open too long', 'Go back, and send the form again; what you typed is still there.'],
        422 => ['That cannot be read', 'Something in it is not as it should be; go back and look again.'],
        429 => ['Too many tries', 'Wait a minute, then try again.'],
        503 => ['Back in a moment', 'Aenum is being worked on. Try again in a minute.'],
        507 => ['The disk is full', 'There is no room left on the machine of this shop, so nothing was kept. Make '
            .'room on it, then send it again.'],
        500 => ['Something broke', 'It is written down in the log. Nothing you saved is lost.'],
    ];

    private const LEAST_ROOM_BYTES = 4 * 1024 * 1024;

    private const NO_DATABASE = ['The database is not running', 'Nothing can be read or kept just now, and nothing '
        .'you saved is lost. It is started again by itself within seconds; if this stays, run ./start on its '
        .'machine. Clocks run on: go by the last pull you saw.'];

    private const BUSY = ['Somebody is writing there', 'Another entry is being saved just now, so nothing of yours was '
        .'done yet. Go back and send it again in a moment; nothing is done twice.'];

    /** Statuses whose own message is for people. */
    private const SPEAK = [403, 409, 422, 507];

    private const CUT_OFF = ['Too few databases', 'Nothing can be read or kept just now: no database of this shop '
        .'is with more than half of them, and what two halves wrote could not be put together. Send what was '
        .'just sent again in a moment: nothing is done twice. Clocks run on: go by the last pull you saw. If this '
        .'stays, look at ./cluster status on one of its machines.'];

    public static function page(Throwable $fault, Request $request): ?Response
    {
        if ($request->is('api/*')) {
            return self::problem($fault);
        }
        if ($fault instanceof ValidationException || $fault instanceof HttpResponseException) {
            return null;
        }
        [$status, $words, $headers] = self::told($fault);
        if ($status === 503 || $status === 507) {
            // What this request would put into its session would have to wait for the same database again.
            $request->hasSession() ? $request->session()->setHandler(new NullSessionHandler) : null;
        }

        return $status === 500 && config('app.debug') ? null : self::answer($status, $words, $headers);
    }

    /** The same for a device. */
    private static function problem(Throwable $fault): ?Response
    {
        if ($fault instanceof ValidationException) {
            return ProblemDetails::invalid($fault);
        }
        if ($fault instanceof HttpResponseException) {
            return null;
        }
        [$status, [$title, $says], $headers] = $fault instanceof AuthenticationException
            ? [401, ['No such token', 'The token is missing, was taken back, or is not one of this shop.'], []]
            : self::told($fault);

        return ProblemDetails::of($status, $title, $says, [], $headers)->withException($fault);
    }

    /**
     * In a cluster who waits in vain waits for a database that has lost the others.
     *
     * @return array{int, array{string, string}, array<string, mixed>} status, title and words, headers
     */
    private static function told(Throwable $fault): array
    {
        $cause = DatabaseFault::in($fault);
        if ($cause === DatabaseFault::Gone && ! self::hasRoom()) {
            $cause = DatabaseFault::NoRoom;
        }
        if ($cause === DatabaseFault::WaitedInVain && config('app.node') !== null) {
            $cause = DatabaseFault::CutOff;
        }
        if ($cause === DatabaseFault::Gone || $cause === DatabaseFault::CutOff) {
            $isAlone = $cause === DatabaseFault::CutOff || config('app.node') !== null;

            return [503, $isAlone ? self::CUT_OFF : self::NO_DATABASE, ['Retry-After' => 5]];
        }
        if ($cause === DatabaseFault::WaitedInVain) {
            return [503, self::BUSY, ['Retry-After' => 2]];
        }
        $status = match (true) {
            $fault instanceof HttpExceptionInterface => $fault->getStatusCode(),
            $fault instanceof MissingAbilityException, $fault instanceof AuthorizationException => 403,
            $fault instanceof ModelNotFoundException => 404,
            self::isDiskFull($fault, $cause) => 507,
            default => 500,
        };
        [$title, $says] = self::WORDS[$status] ?? self::WORDS[500];
        if (in_array($status, self::SPEAK, true) && $fault instanceof HttpExceptionInterface) {
            // The framework's own words for a missing right are for its log.
            $isOwn = $fault->getMessage() === '' || $fault->getPrevious() instanceof AuthorizationException;
            $says = $isOwn ? $says : $fault->getMessage();
        }

        return [$status, [$title, $says], $fault instanceof HttpExceptionInterface ? $fault->getHeaders() : []];
    }

    /** A database on a full disk stands still until there is room again. */
    private static function hasRoom(): bool
    {
        return (float) @disk_free_space(storage_path()) > self::LEAST_ROOM_BYTES;
    }

    private static function isDiskFull(Throwable $fault, ?DatabaseFault $cause): bool
    {
        return $cause === DatabaseFault::NoRoom || str_contains($fault->getMessage(), 'No space left on device');
    }

    /**
     * @param  array{string, string}  $words
     * @param  array<string, mixed>  $headers
     */
    private static function answer(int $status, array $words, array $headers): Response
    {
        $page = view('platform.fault', ['title' => $words[0], 'says' => $words[1]]);

        return response($page->render(), $status, $headers);
    }
}

<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What somebody is told where a page cannot be: in words, with what to do next. */
final class Faults
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

    private const NO_DATABASE = ['The database is not running', 'Nothing can be read or kept just now, and nothing '
        .'you saved is lost. It is started again by itself within seconds; if this stays, run ./start on its '
        .'machine. Clocks run on: go by the last pull you saw.'];

    /** Statuses whose own message is for people. */
    private const SPEAK = [403, 409, 422, 507];

    /** MariaDB cannot be reached, went away, or has no room to write. */
    private const GONE = [2002, 2003, 2006, 2013, 1053, 1077, 1927];

    private const NO_ROOM = [1021, 1114, 3];

    public static function page(Throwable $fault, Request $request): ?Response
    {
        if ($fault instanceof ValidationException || $fault instanceof HttpResponseException) {
            return null;
        }
        if (self::isDatabaseGone($fault)) {
            return self::answer(503, self::NO_DATABASE, ['Retry-After' => 5]);
        }
        $status = match (true) {
            $fault instanceof HttpExceptionInterface => $fault->getStatusCode(),
            self::isDiskFull($fault) => 507,
            default => 500,
        };
        if ($status === 500 && config('app.debug')) {
            return null;
        }
        [$title, $says] = self::WORDS[$status] ?? self::WORDS[500];
        if (in_array($status, self::SPEAK, true) && $fault instanceof HttpExceptionInterface) {
            $says = $fault->getMessage() === '' ? $says : $fault->getMessage();
        }

        return self::answer(
            $status,
            [$title, $says],
            $fault instanceof HttpExceptionInterface ? $fault->getHeaders() : [],
        );
    }

    public static function isDatabaseGone(Throwable $fault): bool
    {
        return $fault instanceof LostConnectionException || in_array(self::number($fault), self::GONE, true)
            || str_contains($fault->getMessage(), 'server has gone away');
    }

    private static function isDiskFull(Throwable $fault): bool
    {
        return in_array(self::number($fault), self::NO_ROOM, true)
            || str_contains($fault->getMessage(), 'No space left on device');
    }

    private static function number(Throwable $fault): ?int
    {
        $sql = $fault instanceof QueryException ? $fault->getPrevious() : $fault;

        return $sql instanceof \PDOException ? (int) ($sql->errorInfo[1] ?? $sql->getCode()) : null;
    }

    /**
     * @param  array{string, string}  $words
     * @param  array<string, mixed>  $headers
     */
    private static function answer(int $status, array $words, array $headers): Response
    {
        $page = view('fault', ['title' => $words[0], 'says' => $words[1]]);

        return response($page->render(), $status, $headers);
    }
}

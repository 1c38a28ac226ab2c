<?php

declare(strict_types=1);

namespace App\Platform\Offline;

use App\Platform\Clock\EffectiveTime;
use App\Platform\Errors\Refused;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Handles a form that waited in a tablet for the network as of the time it was submitted, and answers in JSON. */
final class ReplayOfflineSubmission
{
    public const HEADER = 'X-Aenum-Waited';

    public function handle(Request $request, Closure $next): Response
    {
        $waited = $request->header(self::HEADER);
        $chosen = $request->isMethodSafe() ? null : OutOfOrder::moment($request->input('_moment'));
        if ($waited === null || $request->isMethodSafe()) {
            $chosen === null ? null : EffectiveTime::chosen($chosen);

            return $next($request);
        }
        try {
            $chosen === null
                ? EffectiveTime::since(is_numeric($waited) ? (float) $waited : INF, 'form')
                : EffectiveTime::chosen($chosen);
        } catch (Refused $e) {
            return $this->refused($e->messages);
        }
        $answer = $next($request);
        $fault = $answer instanceof RedirectResponse ? $answer->exception : null;
        $session = $request->session();
        $said = $session->pull('said');
        $errors = $session->pull('errors');

        return match (true) {
            $answer instanceof JsonResponse && $answer->exception instanceof OutOfOrder => $answer,
            $fault instanceof Refused => $this->refused($fault->messages),
            $fault instanceof ValidationException => $this->refused($fault->errors()),
            $errors !== null => new JsonResponse(['refused' => $errors->all()], 422),
            $answer instanceof RedirectResponse, $answer->isSuccessful() => new JsonResponse([
                'refused' => [], 'said' => $said,
            ]),
            // Not signed in, or with a mark of before: it waits on.
            in_array($answer->getStatusCode(), [401, 419], true) => $answer,
            $answer->isClientError() => new JsonResponse(['refused' => [$this->words($answer->getStatusCode())]], 422),
            default => $answer,
        };
    }

    /** For somebody who is not at that page any more. */
    private function words(int $status): string
    {
        return match ($status) {
            409 => 'Somebody else has changed the same meanwhile; open it, see both, and choose.',
            403 => 'Your sign-in does not allow this.',
            404 => 'What it was about is not there any more.',
            default => "It could not be taken ({$status}); open it and look.",
        };
    }

    /** @param  array<array-key, mixed>  $messages */
    private function refused(array $messages): JsonResponse
    {
        return new JsonResponse(['refused' => Arr::flatten($messages)], 422);
    }
}

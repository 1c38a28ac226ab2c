<?php

declare(strict_types=1);

namespace App\Platform\Offline;

use App\Platform\Clock\ShopClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Asks what to do with an out-of-order entry, or offers a tablet the earliest possible time. */
final class OutOfOrderResponse
{
    /** @throws ValidationException where nobody is there to choose */
    public static function to(OutOfOrder $fault, Request $request): Response
    {
        if ($request->hasHeader(ReplayOfflineSubmission::HEADER)) {
            return (new JsonResponse([
                'refused' => [$fault->getMessage()],
                'instead' => ['at' => $fault->earliest->getTimestampMs(), 'token' => $fault->token()],
            ], 422))->withException($fault);
        }
        if ($request->is('api/*') || $request->hasHeader('HX-Request')) {
            throw ValidationException::withMessages(['at' => $fault->getMessage()]);
        }
        $fields = Arr::dot(Arr::except($request->input(), ['_token', '_moment']));

        return response()->view('platform.out-of-order', [
            'says' => $fault->getMessage(),
            'at' => ShopClock::time($fault->earliest),
            'token' => $fault->token(),
            'action' => '/'.ltrim($request->path(), '/'),
            'fields' => collect($fields)->filter(fn (mixed $one): bool => is_scalar($one))
                ->mapWithKeys(fn (mixed $value, string $name): array => [self::field($name) => (string) $value])->all(),
            'canGoOn' => $request->allFiles() === [],
        ], 409)->withException($fault);
    }

    /** "items.0.count" as a form's field: "items[0][count]". */
    private static function field(string $dotted): string
    {
        $parts = explode('.', $dotted);

        return array_shift($parts).implode('', array_map(fn (string $one): string => "[{$one}]", $parts));
    }
}

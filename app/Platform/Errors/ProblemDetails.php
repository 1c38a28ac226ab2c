<?php

declare(strict_types=1);

namespace App\Platform\Errors;

use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** Error responses of the device API: application/problem+json (RFC 9457). */
final class ProblemDetails
{
    /**
     * @param  array<string, list<string>>  $errors  what was wrong and what is allowed, by where
     * @param  array<string, mixed>  $headers
     */
    public static function of(
        int $status,
        string $title,
        string $detail,
        array $errors = [],
        array $headers = [],
    ): JsonResponse {
        $told = [];
        foreach ($errors as $field => $says) {
            foreach ($says as $one) {
                $told[] = ['field' => str_starts_with($field, '/') ? $field : '/'.$field, 'detail' => $one];
            }
        }
        $body = ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail];

        return new JsonResponse(
            $told === [] ? $body : $body + ['errors' => $told],
            $status,
            ['Content-Type' => 'application/problem+json'] + $headers,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    public static function invalid(ValidationException $fault): JsonResponse
    {
        /** @var array<string, list<string>> $errors */
        $errors = $fault->errors();
        $first = array_values($errors)[0][0] ?? 'Something in it is not as it should be.';

        return self::of(422, 'Not taken', $first, $errors)->withException($fault);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Rejects fields that are not UTF-8 or contain NUL, by name; drops them from query strings. */
final class RejectInvalidUtf8
{
    /** So much of a name nobody gave a field stands in a message, characters. */
    private const LONGEST_NAME = 60;

    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(self::isText(rawurldecode($request->getPathInfo())), 404);
        $request->cookies->replace(array_filter($request->cookies->all(), self::isText(...)));
        $request->query->replace(array_filter($request->query->all(), self::isText(...)));
        $wrong = [];
        foreach ($request->isMethodSafe() ? [] : $request->post() as $name => $value) {
            if (! self::isText($name) || ! self::isText($value)) {
                $field = self::isText($name) ? mb_substr((string) $name, 0, self::LONGEST_NAME) : 'form';
                $wrong[$field] = ucfirst(str_replace('_', ' ', $field)).' holds signs that are no text; allowed: '
                    .'letters, figures and marks.';
                $request->request->remove((string) $name);
            }
        }
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }

        return $next($request);
    }

    /** Whether a value, or everything in a list of them, is UTF-8 without a NUL. */
    public static function isText(mixed $value): bool
    {
        return match (true) {
            is_array($value) => array_filter(
                array_merge(array_keys($value), array_values($value)),
                fn (mixed $one): bool => ! self::isText($one),
            ) === [],
            is_string($value) => mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0"),
            default => true,
        };
    }
}

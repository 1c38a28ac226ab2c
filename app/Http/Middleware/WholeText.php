<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Text that is no text (bytes that are not UTF-8, or a NUL) is refused by name before anything looks at it; in an
 * address it is left out.
 */
final class WholeText
{
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(self::isText(rawurldecode($request->getPathInfo())), 404);
        $request->cookies->replace(array_filter($request->cookies->all(), self::isText(...)));
        $request->query->replace(array_filter($request->query->all(), self::isText(...)));
        $wrong = [];
        foreach ($request->isMethodSafe() ? [] : $request->post() as $name => $value) {
            if (! self::isText($name) || ! self::isText($value)) {
                $field = self::isText($name) ? (string) $name : 'form';
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

    private static function isText(mixed $value): bool
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

<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Rejects arrays in fields that hold one value, by name; drops them from query strings. */
final class RejectUnexpectedArrays
{
    private const LISTS = [
        'sections',
        'coats',
        'rows',
        'items',
        'lots',
        'undone',
        'booth',
        'box',
        'air',
        'prices',
        'house',
        'on_it',
        'features',
        'is',
        'licensed_for',
        'ways',
        '_take',
        'zone',
        'tips',
        'done',
        'path',
        'spot',
        'hours',
        'works_at',
        'policy_way',
        'policy_figure',
        'abilities',
        'steps',
    ];

    /** Lists an address may carry. */
    private const IN_ADDRESS = ['zone'];

    /** Fields that are a list on one page and a value on another. */
    private const EITHER = ['air', 'rows', 'spot'];

    /** The longest text a form of ours carries is what it was opened with, see Opened. */
    private const LONGEST = 300_000;

    /** So much of a name nobody gave a field stands in a message, characters. */
    private const LONGEST_NAME = 60;

    public function handle(Request $request, Closure $next): Response
    {
        $wrong = [];
        foreach ($request->query->all() as $name => $value) {
            $stays = ! is_array($value) || in_array($name, self::IN_ADDRESS, true);
            $stays ?: $request->query->remove((string) $name);
        }
        foreach ($request->isMethodSafe() ? [] : $request->all() as $name => $value) {
            $list = in_array($name, self::LISTS, true);
            $isLong = is_string($value) && strlen($value) > self::LONGEST;
            $isShaped = is_array($value) === $list || $value === null || in_array($name, self::EITHER, true);
            if ($isShaped && ! $isLong) {
                continue;
            }
            $field = mb_substr((string) $name, 0, self::LONGEST_NAME);
            $wrong[$field] = ucfirst(str_replace('_', ' ', $field)).match (true) {
                $isLong => ' is too long; allowed: up to '.number_format(self::LONGEST).' characters.',
                $list => ' is one value; allowed: a list.',
                default => ' is a list; allowed: one value.',
            };
            $request->request->remove((string) $name);
            $request->files->remove((string) $name);
        }
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }

        return $next($request);
    }
}

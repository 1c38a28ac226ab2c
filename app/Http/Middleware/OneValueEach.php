<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * A field holds one value, but for the few that are lists; a request that says otherwise was not made by our pages.
 *
 * In an address it is left out, in a form it is refused by name before anything looks at it.
 */
final class OneValueEach
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

    public function handle(Request $request, Closure $next): Response
    {
        $wrong = [];
        foreach ($request->query->all() as $name => $value) {
            $stays = ! is_array($value) || in_array($name, self::IN_ADDRESS, true);
            $stays ?: $request->query->remove((string) $name);
        }
        foreach ($request->isMethodSafe() ? [] : $request->all() as $name => $value) {
            $list = in_array($name, self::LISTS, true);
            if (is_array($value) === $list || $value === null || in_array($name, self::EITHER, true)) {
                continue;
            }
            $wrong[(string) $name] =
                ucfirst(str_replace('_', ' ', (string) $name)).
                ($list ? ' is one value; allowed: a list.' : ' is a list; allowed: one value.');
            $request->request->remove((string) $name);
            $request->files->remove((string) $name);
        }
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }

        return $next($request);
    }
}

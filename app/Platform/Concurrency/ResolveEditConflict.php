<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

use App\Platform\Audit\AuditEntry;
use App\Platform\Http\Middleware\CleanInput;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Request;
use Illuminate\Routing\Pipeline;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Once as Memo;
use Symfony\Component\HttpFoundation\Response;

/**
 * Merges two edits of one form; the second person sees both and chooses field by field.
 *
 * The form carries its original fields. If its page shows others by now, somebody saved in between: fields only they
 * changed are kept, and conflicting fields are asked about.
 */
final class ResolveEditConflict
{
    /** The page a form is on, by where it goes. */
    private const PAGES = [
        'jobs/{job}' => 'jobs/{job}/edit',
        'parts/{part}' => 'parts/{part}/edit',
        'parts/{part}/facts' => 'parts/{part}/route',
        'powders/{powder}' => 'powders/{powder}/edit',
        'ovens/{oven}' => 'ovens/{oven}/edit',
        'guns/{gun}' => 'guns/{gun}/edit',
        'booth' => 'guns',
        'people/{person}' => 'people',
        'shop' => 'shop',
        'hours' => 'hours',
        'hours/{person}' => 'hours',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $isChosen = $this->chosen($request);
        if ($isChosen) {
            $next = $this->asTyped($next);
        }
        $opened = OriginalFormState::unpack($request->input('_opened'));
        $page = $route instanceof OneRoute ? self::PAGES[$route->uri()] ?? null : null;
        if ($opened === null || $page === null || $request->isMethodSafe()) {
            return $next($request);
        }
        $form = $this->now($request, $page, $opened);
        if ($form === null) {
            return $next($request);
        }
        $both = ThreeWayMerge::of($opened, $form, FormFields::flat($request->input(), $form['ticks']));
        if ($both->isAsked() && ! $request->hasHeader('HX-Request')) {
            return response()->view('platform.edit-conflict', [
                'both' => $both,
                'action' => '/'.ltrim($request->path(), '/'),
                'back' => '/'.$this->address($request, $page),
                'who' => AuditEntry::lastOn($route->parameters(), $request->user()),
            ], 409);
        }
        // A form that is sent at every change asks nobody: only what was changed on it counts.
        $this->replace($request, $both->merged());

        return $isChosen ? $next($request) : $this->asTyped($next)($request);
    }

    /**
     * What was put together here passes what typed fields have passed before they came here.
     *
     * @param  Closure(Request): Response  $next
     * @return Closure(Request): Response
     */
    private function asTyped(Closure $next): Closure
    {
        return fn (Request $request): Response => (new Pipeline(app()))
            ->send($request)
            ->through([TrimStrings::class, CleanInput::class])
            ->then($next);
    }

    /** What was picked on the page that shows both becomes what was typed; returns whether there was such a pick. */
    private function chosen(Request $request): bool
    {
        $both = OriginalFormState::unpack($request->input('_both'));
        if ($both === null) {
            return false;
        }
        $take = $request->input('_take');
        $picked = ThreeWayMerge::unpack($both)->picked(is_array($take) ? $take : []);
        $this->replace($request, $picked);
        $now = $both['now'] ?? [];
        $request->merge(['_opened' => OriginalFormState::pack(is_array($now) ? $now : [])]);

        return true;
    }

    /** @param  array<string, string>  $fields */
    private function replace(Request $request, array $fields): void
    {
        $carried = array_filter(
            $request->only(['_token', '_once', '_method', '_opened']),
            fn (mixed $one): bool => $one !== null,
        );
        $empty = fn (mixed $one): mixed => match (true) {
            is_array($one) => $one,
            default => $one === '' ? null : $one,
        };
        $input = FormFields::nested($fields);
        array_walk_recursive($input, function (mixed &$one) use ($empty): void {
            $one = $empty($one);
        });
        $request->replace($carried + $input);
    }

    private function address(Request $request, string $page): string
    {
        $route = $request->route();
        $names = $route instanceof OneRoute ? $route->originalParameters() : [];

        return strtr($page, array_combine(
            array_map(fn (string $name): string => '{'.$name.'}', array_keys($names)),
            array_map(strval(...), array_values($names)),
        ));
    }

    /**
     * The same form as it would be opened now.
     *
     * @param  array<string, mixed>  $opened
     * @return array{action: string, fields: array<string, string>, labels: array<string, string>,
     *      options: array<string, array<string, string>>, ticks: list<string>}|null  null where there is none
     */
    private function now(Request $request, string $page, array $opened): ?array
    {
        $action = '/'.ltrim($request->path(), '/');
        $forms = array_filter(
            FormFields::read($this->render($request, '/'.$this->address($request, $page))),
            fn (array $form): bool => $form['action'] === $action,
        );
        usort($forms, fn (array $one, array $other): int => count(array_intersect_key($other['fields'], $opened))
            <=> count(array_intersect_key($one['fields'], $opened)));

        return $forms[0] ?? null;
    }

    private function render(Request $request, string $address): string
    {
        $session = $request->session();
        $typed = $session->get('_old_input');
        $session->forget('_old_input');
        $look = Request::create($address);
        $look->setUserResolver($request->getUserResolver());
        $look->setLaravelSession($session);
        Memo::flush();
        app()->instance('request', $look);
        try {
            $route = Route::getRoutes()->match($look);
            $look->setRouteResolver(fn (): OneRoute => $route);
            Route::substituteBindings($route);
            Route::substituteImplicitBindings($route);
            $page = $route->run();

            return $page instanceof View ? $page->render() : '';
        } finally {
            app()->instance('request', $request);
            $typed === null ? null : $session->put('_old_input', $typed);
        }
    }
}

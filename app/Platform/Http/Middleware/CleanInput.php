<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use App\Platform\Validation\PlainText;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Rejects fields that no form of ours sends, by name: text that is not UTF-8 or holds NUL, a list where one value
 * belongs, text beyond measure. In an address they are dropped, as is a referrer of another host. Reads a decimal
 * comma where a bare number belongs.
 */
final class CleanInput
{
    /** Fields that are a list. */
    private const LISTS = [
        'sections', 'coats', 'rows', 'items', 'lots', 'undone', 'booth', 'box', 'air', 'prices', 'house', 'on_it',
        'features', 'is', 'licensed_for', 'ways', '_take', 'zone', 'tips', 'done', 'path', 'spot', 'hours',
        'works_at', 'policy_way', 'policy_figure', 'abilities', 'steps',
    ];

    /** Lists an address may carry. */
    private const LISTS_IN_ADDRESS = ['zone'];

    /** Fields that are a list on one page and a value on another. */
    private const LIST_OR_VALUE = ['air', 'rows', 'spot'];

    /** Fields that hold one bare number. */
    private const NUMBERS = [
        'minutes', 'hold', 'mixture', 'turns', 'door_minutes', 'dwell', 'pot_minutes', 'rh', 'concentration_pct',
        'ph', 'conductivity_us', 'ohm', 'begins', 'across', 'down', 'margin_percent', 'overbake_percent',
        'humidity_pct', 'kwh_price', 'minutes_to_200', 'door_open_s', 'specific_gravity', 'flow_minutes',
        'view_factor', 'open_share', 'set_emissivity', 'prices', 'rows', 'coats', 'heater_kw', 'band_k',
        'air_kj_per_k', 'shell_kj_per_k', 'air_to_shell_w_per_k', 'shell_loss_w_per_k', 'vent_w_per_k',
        'door_w_per_k', 'convection_w_per_m2k', 'flow', 'overlap', 'zone', 'kv', 'ua', 'took', 'most_kv', 'low_kv',
        'most_ua', 'flow_g_min', 'booth_face_m_s', 'metal', 'air_usual', 'powder_percent', 'atomising_air',
        'compressor_duty', 'powder_reserve', 'price_kg', 'transfer', 'lel', 'shrink', 'charge', 'gloss',
        'gloss_low', 'gloss_high', 'lab_l', 'lab_a', 'lab_b', 'tolerance',
    ];

    /** The longest text a form of ours carries is its original state, see OriginalFormState; characters. */
    private const LONGEST = 300_000;

    /** So much of a name nobody gave a field stands in a message, characters. */
    private const LONGEST_NAME = 60;

    public function handle(Request $request, Closure $next): Response
    {
        $request->cookies->replace(array_filter($request->cookies->all(), PlainText::is(...)));
        $request->query->replace(array_filter(
            $request->query->all(),
            fn (mixed $value, int|string $name): bool => PlainText::is($value)
                && (! is_array($value) || in_array($name, self::LISTS_IN_ADDRESS, true)),
            ARRAY_FILTER_USE_BOTH,
        ));
        $from = parse_url((string) $request->headers->get('referer'), PHP_URL_HOST);
        if ($from !== null && $from !== $request->getHost()) {
            $request->headers->remove('referer');
        }

        // What a device sends is held to its schema.
        return $request->is('api/*') ? $next($request) : $next($this->form($request));
    }

    private function form(Request $request): Request
    {
        $wrong = [];
        foreach ($request->isMethodSafe() ? [] : $request->all() as $name => $value) {
            $fault = self::fault((string) $name, $value);
            if ($fault !== null) {
                $field = PlainText::is($name) ? mb_substr((string) $name, 0, self::LONGEST_NAME) : 'form';
                $wrong[$field] = ucfirst(str_replace('_', ' ', $field))." {$fault}.";
                $request->request->remove((string) $name);
                $request->files->remove((string) $name);
            }
        }
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }
        $numbers = array_filter($request->only(self::NUMBERS), fn (mixed $value): bool => $value !== null);

        return $request->merge(array_map(self::withPoint(...), $numbers));
    }

    /** What is wrong with a field, to follow its name; null where nothing is. */
    private static function fault(string $name, mixed $value): ?string
    {
        $isList = in_array($name, self::LISTS, true);

        return match (true) {
            ! PlainText::is($name) || ! PlainText::is($value) => 'holds signs that are no text; allowed: letters, '
                .'figures and marks',
            is_string($value) && strlen($value) > self::LONGEST => 'is too long; allowed: up to '
                .number_format(self::LONGEST).' characters',
            $value === null || is_array($value) === $isList || in_array($name, self::LIST_OR_VALUE, true) => null,
            $isList => 'is one value; allowed: a list',
            default => 'is a list; allowed: one value',
        };
    }

    private static function withPoint(mixed $typed): mixed
    {
        return match (true) {
            is_array($typed) => array_map(self::withPoint(...), $typed),
            is_string($typed) => (string) preg_replace('/^(\s*[-+−]?\d+),(\d+\s*)$/u', '$1.$2', $typed),
            default => $typed,
        };
    }
}

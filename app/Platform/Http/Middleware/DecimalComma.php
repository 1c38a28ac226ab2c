<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Accepts a decimal comma in fields that hold one bare number. */
final class DecimalComma
{
    private const FIELDS = [
        'minutes',
        'hold',
        'mixture',
        'turns',
        'door_minutes',
        'dwell',
        'pot_minutes',
        'rh',
        'concentration_pct',
        'ph',
        'conductivity_us',
        'ohm',
        'begins',
        'across',
        'down',
        'margin_percent',
        'overbake_percent',
        'humidity_pct',
        'kwh_price',
        'minutes_to_200',
        'door_open_s',
        'specific_gravity',
        'flow_minutes',
        'view_factor',
        'open_share',
        'set_emissivity',
        'prices',
        'rows',
        'coats',
        'heater_kw',
        'band_k',
        'air_kj_per_k',
        'shell_kj_per_k',
        'air_to_shell_w_per_k',
        'shell_loss_w_per_k',
        'vent_w_per_k',
        'door_w_per_k',
        'convection_w_per_m2k',
        'flow',
        'overlap',
        'zone',
        'kv',
        'ua',
        'took',
        'most_kv',
        'low_kv',
        'most_ua',
        'flow_g_min',
        'booth_face_m_s',
        'metal',
        'air_usual',
        'powder_percent',
        'atomising_air',
        'compressor_duty',
        'powder_reserve',
        'price_kg',
        'transfer',
        'lel',
        'shrink',
        'charge',
        'gloss',
        'gloss_low',
        'gloss_high',
        'lab_l',
        'lab_a',
        'lab_b',
        'tolerance',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        foreach (self::FIELDS as $name) {
            if ($request->has($name)) {
                $request->merge([$name => $this->read($request->input($name))]);
            }
        }

        return $next($request);
    }

    private function read(mixed $typed): mixed
    {
        return match (true) {
            is_array($typed) => array_map($this->read(...), $typed),
            is_string($typed) => (string) preg_replace('/^(\s*[-+−]?\d+),(\d+\s*)$/u', '$1.$2', $typed),
            default => $typed,
        };
    }
}

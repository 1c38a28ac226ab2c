<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;

/** The shop's part of a record, beside the certificate. */
final readonly class ShopRecord
{
    /** How the name of a figure ends => what it is. */
    private const ENDS = [
        '_c' => Dimension::Temperature, '_kg' => Dimension::Mass, '_mm' => Dimension::Length, '_um' => Dimension::Film,
        '_bar' => Dimension::Pressure, '_g' => Dimension::Powder, '_m2' => Dimension::Area,
        '_min' => Dimension::Duration,
    ];

    /** @param  array<string, list<string>>  $sections  head => lines, none of them empty */
    private function __construct(public string $title, public array $sections)
    {
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document, Units $units): self
    {
        $kept = is_array($document['shop_only'] ?? null) ? $document['shop_only'] : [];
        $each = fn (string $key, \Closure $line): array => array_values(array_map(
            $line,
            array_filter(is_array($kept[$key] ?? null) ? $kept[$key] : [], is_array(...)),
        ));
        $when = fn (array $one): string => CertificateBatch::moment((string) ($one['at'] ?? ''), 'j M H:i');
        $masks = is_array($kept['masks'] ?? null) ? $kept['masks'] : [];

        return new self(CertificateBatch::of($document, $units)->title, array_filter([
            'Steps' => $each('steps', fn (array $one): string => ucfirst((string) ($one['step'] ?? '')).': '
                .str_replace('_', ' ', (string) ($one['outcome'] ?? 'not done'))
                .(($one['says'] ?? null) === null ? '' : ", {$one['says']}")),
            'Sprayed' => $each('sprayed', fn (array $one): string => self::sprayed($one, $units).", {$when($one)}"),
            'Blast, bath, earth' => $each('log', fn (array $one): string => self::logged($one, $units)
                .", {$when($one)}"),
            'Baked out' => $each('baked_out', fn (array $one): string => ($one['oven'] ?? '').': '
                .Units::minutes((float) ($one['held_min'] ?? 0)).' at '.$units->temp((float) ($one['target_c'] ?? 0))
                .' and more, '.$when($one)),
            'Masks' => ($masks['on'] ?? 0) > 0 ? ["{$masks['on']} on, {$masks['off']} off again"] : [],
            'Bags' => $each('bags', fn (array $one): string => "{$one['bag']}: {$one['holds']}, {$one['in']} in, "
                .($one['back'] ?? 'not yet').' back'),
            'Looked at' => $each('looks', fn (array $one): string => ($one['look'] ?? '').': '
                .($one['by'] ?? 'not checked').(($one['at'] ?? null) === null ? '' : ", {$when($one)}")),
            'Signed' => $each('signed', fn (array $one): string => ($one['by'] ?? '').", {$when($one)}: "
                .($one['wording'] ?? '')),
        ]));
    }

    /** @param  array<array-key, mixed>  $one */
    private static function sprayed(array $one, Units $units): string
    {
        $figures = array_filter([
            ($one['gun'] ?? null) === null ? null : (string) $one['gun'],
            ($one['powder_lot'] ?? null) === null ? null : "lot {$one['powder_lot']}",
            ($one['used_g'] ?? null) === null ? null : $units->show(Dimension::Powder, (float) $one['used_g'], 0),
            ($one['humidity_pct'] ?? null) === null ? null : round((float) $one['humidity_pct']).' % humid',
            ($one['ohm'] ?? null) === null ? null : round((float) $one['ohm']).' Ω to earth',
            ($one['charge_index'] ?? null) === null ? null : 'charge index '.$one['charge_index'],
            ($one['raw_um'] ?? null) === null ? null : 'raw powder for '
                .$units->show(Dimension::Film, (float) $one['raw_um']),
            (string) ($one['by'] ?? ''),
        ]);

        return 'Coat '.($one['coat'] ?? '').': '.implode(', ', $figures);
    }

    /** @param  array<array-key, mixed>  $one */
    private static function logged(array $one, Units $units): string
    {
        $figures = [];
        foreach (is_array($one['figures'] ?? null) ? $one['figures'] : [] as $name => $value) {
            $figures[] = self::figure((string) $name, (float) $value, $units);
        }
        $what = implode(' ', array_filter([
            (string) ($one['kind'] ?? ''), (string) ($one['of'] ?? ''), (string) ($one['event'] ?? ''),
        ]));

        return ucfirst(str_replace('_', ' ', $what)).($figures === [] ? '' : ': '.implode(', ', $figures)).', '
            .($one['by'] ?? '');
    }

    private static function figure(string $name, float $value, Units $units): string
    {
        foreach (self::ENDS as $end => $dimension) {
            if (str_ends_with($name, $end)) {
                return str_replace('_', ' ', substr($name, 0, -strlen($end))).' '.$units->show($dimension, $value);
            }
        }

        return str_replace(['_pct', '_', 'ohm'], [' %', ' ', 'Ω'], $name).' '.round($value, 3);
    }
}

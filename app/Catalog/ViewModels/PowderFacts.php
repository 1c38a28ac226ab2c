<?php

declare(strict_types=1);

namespace App\Catalog\ViewModels;

use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Units\Dimension as D;
use App\Accounts\Models\Shop;
use App\Catalog\Models\CureScheduleRow;
use App\Catalog\Models\Powder;
use App\Platform\Presentation\Units;

/** Facts of a powder, one line each; what its sheet does not say is left out. */
final class PowderFacts
{
    /** @return array<string, string> */
    public static function of(Powder $powder): array
    {
        $u = Units::current();
        $yes = fn (?bool $is, string $yes, string $no): ?string => $is === null ? null : ($is ? $yes : $no);
        $special = array_filter([
            $powder->zinc_rich ? 'zinc-rich' : null,
            $powder->gas_tolerant ? 'lets gas through' : null,
            $powder->conductive ? 'conductive' : null,
        ]);
        $rows = $powder->rows->map(fn (CureScheduleRow $row): string => $u->temp($row->pmt_c)." {$row->min_minutes} min"
            .($row->max_minutes === null ? '' : ", stands {$row->max_minutes}"))->join('; ');

        return array_filter([
            'Chemistry' => ucfirst($powder->chemistry->value).($special === [] ? '' : ', '.implode(', ', $special)),
            'Maker' => $powder->maker,
            'Finish' => $powder->finish,
            'Effect' => $powder->effect()->label().$yes($powder->bonded, ', bonded flake', ', blended flake'),
            'Outdoors' => $yes($powder->outdoors, 'fit for it', 'not for it'),
            'Film' => $u->show(D::Film, $powder->film_min_um).' to '.$u->show(D::Film, $powder->film_max_um),
            'Part-metal bake' => $rows,
            'From the door' => $powder->door_c === null
                ? null
                : $u->temp($powder->door_c).' oven, '.round((float) $powder->door_minutes).' min',
            'A clear on it' => $powder->clear_need->label(),
            'Before its clear' => (BeforeClear::tryFrom($powder->before_clear) ?? BeforeClear::Silent)->label(),
            'Softens' => $powder->softens_c === null ? null : $u->temp($powder->softens_c),
            'Specific gravity' => $powder->density().($powder->specific_gravity === null ? ' (estimated)' : ''),
            'First-pass transfer' => $powder->transfer === null ? null : round(100 * $powder->transfer).' %',
            'Price' => $powder->price_kg === null
                ? null
                : number_format($powder->price_kg, 2).' '.Shop::current()->currency.' a kilogram',
            'Boxes' => $powder->box_kg === null ? null : $u->show(D::Mass, $powder->box_kg)
                .($powder->least_order_kg === null ? '' : ', at least '.$u->show(D::Mass, $powder->least_order_kg)),
            'Supplier' => $powder->supplier_days === null ? null : "{$powder->supplier_days} days",
            'Storage' => 'dry'.($powder->keep_below_c === null ? '' : ', below '.$u->temp($powder->keep_below_c)),
        ], fn (?string $says): bool => $says !== null && $says !== '');
    }
}

<?php

declare(strict_types=1);

namespace App\Catalog\Queries;

use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Finds powders by name, use and place; every word of the query has to match. */
final class PowderSearch
{
    public const ROLES = [
        'zinc_rich' => 'zinc-rich primer',
        'gas_tolerant' => 'primer that lets gas through',
        'conductive' => 'conductive primer',
        'metallic' => 'metallic',
        'bright' => 'bright metal look',
        'transparent' => 'transparent',
        'textured' => 'texture',
        'clear' => 'clear',
    ];

    /**
     * @param  array<string, mixed>  $asked  q, role, lives
     * @return Collection<int, Powder>
     */
    public static function of(array $asked): Collection
    {
        $found = Powder::query()->with(['rows', 'lots']);
        foreach (preg_split('/\s+/', trim((string) ($asked['q'] ?? '')), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $found->where(function (Builder $any) use ($like): void {
                foreach (['name', 'maker', 'finish', 'chemistry', 'lot'] as $column) {
                    $any->orWhere($column, 'like', $like);
                }
                $any->orWhereIn('id', PowderLot::query()->select('powder_id')->whereNull('finished_at')->where(
                    fn (Builder $lot) => $lot->where('number', 'like', $like)->orWhere('place', 'like', $like),
                ));
            });
        }
        $role = (string) ($asked['role'] ?? '');
        match (true) {
            in_array($role, ['zinc_rich', 'gas_tolerant', 'conductive'], true) => $found->where($role, true),
            $role === 'clear' => $found->where('finish', 'like', '%clear%'),
            $role !== '' => $found->where('effect', $role),
            default => null,
        };
        match ($asked['lives'] ?? null) {
            'outdoors' => $found->where('outdoors', true),
            'indoors' => $found->where(fn (Builder $any) => $any->where('outdoors', false)->orWhereNull('outdoors')),
            default => null,
        };
        $found->orderByRaw('retired_at IS NOT NULL')->orderBy('name');

        return $found->get();
    }
}

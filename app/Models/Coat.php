<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One layer of powder planned or lying on a part.
 *
 * @property int $id
 * @property int $part_id
 * @property int $position
 * @property int $powder_id
 * @property string $role primer, base, mid or clear
 * @property string $bake_to flow or full
 * @property Part $part
 * @property Powder $powder
 * @property Collection<int, OvenResult> $results
 * @property Collection<int, Inspection> $inspections
 */
final class Coat extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Powder, $this> */
    public function powder(): BelongsTo
    {
        return $this->belongsTo(Powder::class);
    }

    /** @return HasMany<OvenResult, $this> */
    public function results(): HasMany
    {
        return $this->hasMany(OvenResult::class);
    }

    /** @return HasMany<Inspection, $this> */
    public function inspections(): HasMany
    {
        $relation = $this->hasMany(Inspection::class);
        $relation->with('readings')->whereNull('superseded_by')->orderByDesc('at');

        return $relation;
    }

    /** The least of the whole dose that any region has had; 0 where it was not baked. */
    public function leastDose(): float
    {
        $byRegion = $this->results->groupBy('section_id');

        return (float) $byRegion->map(fn (Collection $of): float => (float) $of->sum('dose'))->min();
    }

    /** The most over-bake that any region has had; null where it was never judged. */
    public function mostOverbake(): ?float
    {
        $judged = $this->results->whereNotNull('overbake');
        $byRegion = $this->results->groupBy('section_id');

        return $judged->isEmpty()
            ? null
            : (float) $byRegion->map(fn (Collection $of): float => (float) $of->sum('overbake'))->max();
    }

    /** Whether pulled bakes have brought the layer, everywhere on the part, to what it was baked for. */
    public function isDone(): bool
    {
        $latest = $this->results
            ->where('fresh', true)
            ->groupBy(fn (OvenResult $result): int => $result->section_id ?? 0)
            ->map(fn (Collection $group): ?OvenResult => $group->last());

        return $latest->isNotEmpty() &&
            $latest->every(fn (?OvenResult $result): bool => $result !== null && $result->served($this->bake_to));
    }
}

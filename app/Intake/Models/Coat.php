<?php

declare(strict_types=1);

namespace App\Intake\Models;

use Aenum\Core\Trade\BakeTo;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Inspection;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One layer of powder, planned or on a part.
 *
 * @property int $id
 * @property int $part_id
 * @property int $position
 * @property int $powder_id
 * @property ?string $zone where on the part it goes; null for all of it
 * @property float $share of the part's area
 * @property ?float $edge_m length of its zone's edge on one piece
 * @property string $role primer, base, mid or clear
 * @property string $bake_to as BakeTo has it
 * @property ?int $rework_id where it was laid to mend some pieces; null for one of all
 * @property Part $part
 * @property Powder $powder
 * @property Collection<int, OvenResult> $results
 * @property Collection<int, Inspection> $inspections
 * @property ?CarbonImmutable $superseded_at
 */
final class Coat extends BaseModel
{
    use \App\Platform\Database\Supersedable;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['share' => 'float', 'edge_m' => 'float'];
    }

    /** How far it is baked; fully, where a row says what this release does not know. */
    public function bakeTo(): BakeTo
    {
        return BakeTo::tryFrom($this->bake_to) ?? BakeTo::Full;
    }

    /** Where it goes, where that is not all of the part: on a screen behind what it is. */
    public function zoneWords(): string
    {
        $zone = preg_replace('/^the /i', '', (string) $this->zone);

        return $this->zone === null ? '' : sprintf(', on the %s only (%.0f %%)', $zone, 100 * $this->share);
    }

    /** Returns the area it covers on so many pieces, m²; null where the part's area is not known. */
    public function areaM2(int $pieces): ?float
    {
        $area = $pieces * $this->share * ($this->part->area_m2 ?? 0.0);

        return $area > 0 ? $area : null;
    }

    /** What it is, where it goes and how far it is baked, in words. */
    public function words(): string
    {
        return $this->role.($this->zone === null ? '' : " on {$this->zone}")." {$this->powder->name}";
    }

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

    /** @return HasMany<OvenLoadItem, $this> */
    public function ovenItems(): HasMany
    {
        return $this->hasMany(OvenLoadItem::class);
    }

    /** @return HasMany<Inspection, $this> */
    public function inspections(): HasMany
    {
        $relation = $this->hasMany(Inspection::class);
        $relation->with(['readings', 'ovenLog'])->orderByDesc('at')->orderByDesc('id');

        return $relation;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * So many pieces of a part, in the oven for one of their coats.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property int $part_id
 * @property ?int $coat_id null for a bare part
 * @property int $count
 * @property Part $part
 * @property ?Coat $coat
 * @property OvenLoad $ovenLoad
 */
final class OvenLoadItem extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<OvenLoad, $this> */
    public function ovenLoad(): BelongsTo
    {
        return $this->belongsTo(OvenLoad::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }
}

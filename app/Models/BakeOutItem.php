<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $bake_out_id
 * @property int $part_id
 * @property int $count
 * @property Part $part
 * @property BakeOutLoad $bakeOut
 */
final class BakeOutItem extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<BakeOutLoad, $this> */
    public function bakeOut(): BelongsTo
    {
        return $this->belongsTo(BakeOutLoad::class, 'bake_out_id');
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * So many pieces of a part, in the oven for one of their coats.
 *
 * @property int $id
 * @property int $bake_id
 * @property int $coat_id
 * @property int $count
 * @property Coat $coat
 * @property Bake $bake
 */
final class BakeItem extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Bake, $this> */
    public function bake(): BelongsTo
    {
        return $this->belongsTo(Bake::class);
    }

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }
}

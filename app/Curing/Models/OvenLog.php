<?php

declare(strict_types=1);

namespace App\Curing\Models;

use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A logger's file from one bake.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property string $name
 * @property list<array{name: string, in: ?string, points: list<array{float, float}>}> $columns in: air, an item's key,
 *      or null where nobody knows
 * @property float $begins_min minutes after the door shut at which its time begins
 * @property ?string $withdrawn_at
 * @property OvenLoad $ovenLoad
 */
final class OvenLog extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** @return BelongsTo<OvenLoad, $this> */
    public function ovenLoad(): BelongsTo
    {
        return $this->belongsTo(OvenLoad::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['columns' => Capture::class, 'begins_min' => 'float'];
    }
}

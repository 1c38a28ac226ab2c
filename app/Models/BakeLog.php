<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A logger's file from one bake.
 *
 * @property int $id
 * @property int $bake_id
 * @property string $name
 * @property list<array{name: string, in: ?string, points: list<array{float, float}>}> $columns in: air, an item's key, or null where nobody knows
 * @property float $begins_min minutes after the door shut at which its time begins
 * @property Bake $bake
 */
final class BakeLog extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Bake, $this> */
    public function bake(): BelongsTo
    {
        return $this->belongsTo(Bake::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['columns' => 'array', 'begins_min' => 'float'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that happened to the oven during a bake.
 *
 * @property int $id
 * @property int $bake_id
 * @property string $kind door, setpoint, power_lost or power_back
 * @property CarbonImmutable $at
 * @property ?float $value
 * @property User $user
 */
final class BakeEvent extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v', 'value' => 'float'];
    }
}

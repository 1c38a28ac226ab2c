<?php

declare(strict_types=1);

namespace App\Application\Models;

use App\Platform\Database\BaseModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A check of uncured powder.
 *
 * @property int $id
 * @property int $spraying_id
 * @property string $what as PreOven has it
 * @property ?int $pin_id
 * @property Spraying $spraying
 */
final class SprayingCheck extends BaseModel
{
    public $timestamps = false;

    /** @return BelongsTo<Spraying, $this> */
    public function spraying(): BelongsTo
    {
        return $this->belongsTo(Spraying::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

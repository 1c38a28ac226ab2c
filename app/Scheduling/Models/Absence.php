<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person's absence.
 *
 * @property int $id
 * @property int $user_id
 * @property CarbonImmutable $from_at
 * @property CarbonImmutable $to_at
 * @property int $made_by
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $withdrawn_at
 * @property User $user
 */
final class Absence extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['from_at', 'to_at', 'at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

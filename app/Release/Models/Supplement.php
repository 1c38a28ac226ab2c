<?php

declare(strict_types=1);

namespace App\Release\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A dated correction beside a released record.
 *
 * @property int $id
 * @property int $job_id
 * @property string $wording
 * @property string $digest SHA-256 of the record it is of and its wording
 * @property CarbonImmutable $at
 * @property User $user
 */
final class Supplement extends BaseModel
{
    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

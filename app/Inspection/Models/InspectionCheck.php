<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A visual check of a batch, at a pin where it belongs to one.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $what an InspectionCheckKind
 * @property ?int $pin_id
 * @property ?string $signed_by who answers for it, where somebody has to
 * @property CarbonImmutable $at
 * @property User $user
 */
final class InspectionCheck extends BaseModel
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
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A signature under a rule.
 *
 * @property int $id
 * @property int $part_id
 * @property string $rule
 * @property string $wording
 * @property string $signed_by
 * @property CarbonImmutable $at
 * @property User $user
 * @property Part $part
 */
final class Signature extends BaseModel
{
    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

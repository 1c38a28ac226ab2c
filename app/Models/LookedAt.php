<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One look at a lot, ticked: at a pin where it is of one.
 *
 * @property int $id
 * @property int $lot_id
 * @property string $what as LookKind has it
 * @property ?int $pin_id
 * @property ?string $signed_by who answers for it, where somebody has to
 * @property CarbonImmutable $at
 * @property User $user
 */
final class LookedAt extends Record
{
    use Concerns\Withdrawn;

    public $timestamps = false;

    protected $table = 'looks';

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

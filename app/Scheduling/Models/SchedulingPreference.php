<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A preference for a batch in the plan: first, not before a day, done by a person.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $kind first, not_before or by
 * @property ?int $user_id who is to do it
 * @property ?CarbonImmutable $not_before
 * @property int $made_by
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $withdrawn_at
 * @property Batch $batch
 * @property ?User $user
 */
final class SchedulingPreference extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** The same in words. */
    public function words(): string
    {
        return match ($this->kind) {
            'first' => 'this first',
            'not_before' => 'not before '.$this->not_before?->format('j M'),
            default => "by {$this->user?->name}",
        };
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['not_before' => 'immutable_date'] +
            array_fill_keys(['at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

<?php

declare(strict_types=1);

namespace App\Routing\Models;

use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The outcome of a step for a batch.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $step as StepKey::text() has it
 * @property string $outcome as StepOutcome has it; "open" takes an earlier mark back
 * @property string $source logged by a bench, ticked by hand, or told afterwards
 * @property ?string $who did it, where somebody else than who wrote it down
 * @property ?CarbonImmutable $done_at
 * @property ?string $why
 * @property CarbonImmutable $at
 * @property User $user
 */
final class StepCompletion extends BaseModel
{
    public const OPEN = 'open';

    public $timestamps = false;

    public function stepOutcome(): ?StepOutcome
    {
        return StepOutcome::tryFrom($this->outcome);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['done_at', 'at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

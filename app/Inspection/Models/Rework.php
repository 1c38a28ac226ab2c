<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use Aenum\Core\Inspection\ReworkMethod;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The rework of a defect on the pieces that have it, with steps and coats of its own.
 *
 * @property int $id
 * @property int $part_id
 * @property int $batch_id
 * @property int $defect_id
 * @property ReworkMethod $way
 * @property float $minutes of hands, as it was reckoned
 * @property float $wait_minutes
 * @property float $powder_kg
 * @property float $money in the shop's currency
 * @property ?float $film_after_um
 * @property ?string $agreed_by who accepted it as it is
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $closed_at
 * @property ?CarbonImmutable $withdrawn_at
 * @property User $user
 * @property Batch $batch
 * @property Defect $defect
 * @property Collection<int, Coat> $coats
 * @property Collection<int, ReworkStep> $steps
 */
final class Rework extends BaseModel
{
    use \App\Platform\Database\Withdrawable;
    use FindsLocked;

    public $timestamps = false;

    /** Everything that lay there came off. */
    public function takesAllOff(): bool
    {
        return $this->way === ReworkMethod::Strip;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Defect, $this> */
    public function defect(): BelongsTo
    {
        return $this->belongsTo(Defect::class);
    }

    /** @return HasMany<Coat, $this> */
    public function coats(): HasMany
    {
        $relation = $this->hasMany(Coat::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** @return HasMany<ReworkStep, $this> */
    public function steps(): HasMany
    {
        $relation = $this->hasMany(ReworkStep::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['way' => ReworkMethod::class]
            + array_fill_keys(['minutes', 'wait_minutes', 'powder_kg', 'money', 'film_after_um'], 'float')
            + array_fill_keys(['at', 'closed_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

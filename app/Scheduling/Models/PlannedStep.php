<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Catalog\Models\Bench;
use App\Catalog\Models\Oven;
use App\Intake\Models\Batch;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A step in the day plan.
 *
 * @property int $id
 * @property int $day_plan_id
 * @property int $batch_id
 * @property int $load which of the lot's loads, from 1
 * @property int $loads
 * @property string $step
 * @property string $name
 * @property Station $station
 * @property ?int $bench_id
 * @property ?int $oven_id
 * @property ?int $user_id
 * @property ?string $colour
 * @property ?string $family
 * @property CarbonImmutable $from_at
 * @property CarbonImmutable $to_at
 * @property float $hands_min
 * @property bool $begun
 * @property Batch $batch
 * @property ?Bench $bench
 * @property ?Oven $oven
 * @property ?User $user
 */
final class PlannedStep extends BaseModel
{
    public $timestamps = false;

    /** Where it is done, by name. */
    public function place(): string
    {
        return $this->oven->name ?? $this->bench->name ?? $this->station->label();
    }

    /** Which of the lot's loads it is; nothing where there is one. */
    public function loadWords(): string
    {
        return $this->loads > 1 ? ", load {$this->load} of {$this->loads}" : '';
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Bench, $this> */
    public function bench(): BelongsTo
    {
        return $this->belongsTo(Bench::class);
    }

    /** @return BelongsTo<Oven, $this> */
    public function oven(): BelongsTo
    {
        return $this->belongsTo(Oven::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class, 'begun' => 'boolean', 'hands_min' => 'float'] +
            array_fill_keys(['from_at', 'to_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

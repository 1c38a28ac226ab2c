<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A day plan. Plans are not records and are kept for two weeks.
 *
 * @property int $id
 * @property CarbonImmutable $made_at
 * @property string $mark of what it was made from
 * @property int $trail_to last line of the trail it knows of
 * @property float $late_min
 * @property float $bound_min
 * @property float $change_min
 * @property ?array<array-key, mixed> $says what is late and why, see LateRow
 * @property Collection<int, PlannedStep> $steps
 */
final class DayPlan extends BaseModel
{
    public $timestamps = false;

    /** The one that stands; null before the first. */
    public static function standing(): ?self
    {
        return self::query()->orderByDesc('id')->first();
    }

    /** @return HasMany<PlannedStep, $this> */
    public function steps(): HasMany
    {
        $relation = $this->hasMany(PlannedStep::class);
        $relation->orderBy('from_at')->orderBy('id');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime:Y-m-d H:i:s.v', 'says' => Capture::class] +
            array_fill_keys(['late_min', 'bound_min', 'change_min'], 'float');
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Cure\BakeRules;
use Aenum\Core\Cure\ClockWay;
use App\Models\Concerns\HeldForChange;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $oven_id
 * @property string $status planned, running, pulled or withdrawn
 * @property float $setpoint_c
 * @property float $minutes from the door's closing
 * @property float $door_open_s
 * @property float $ambient_c
 * @property ?float $start_c
 * @property ClockWay $way
 * @property float $margin
 * @property float $overbake_limit
 * @property ?CarbonImmutable $shut_at
 * @property ?CarbonImmutable $pulled_at
 * @property Oven $oven
 * @property Collection<int, BakeItem> $items
 * @property Collection<int, BakeEvent> $events
 * @property Collection<int, Reading> $readings
 * @property Collection<int, BakeResult> $results
 */
final class Bake extends Model
{
    use HeldForChange;

    protected $guarded = [];

    public function rules(): BakeRules
    {
        return BakeRules::of($this->way, $this->margin, $this->overbake_limit);
    }

    /** The moment the run begins: the door opens on the load so many seconds before it shuts. */
    public function beganAt(): ?CarbonImmutable
    {
        return $this->shut_at?->subMilliseconds((int) round(1000 * $this->door_open_s));
    }

    public function isPlanned(): bool
    {
        return $this->status === 'planned';
    }

    public function isRunning(): bool
    {
        return $this->status === 'running';
    }

    /** @return BelongsTo<Oven, $this> */
    public function oven(): BelongsTo
    {
        return $this->belongsTo(Oven::class);
    }

    /** @return BelongsTo<User, $this> */
    public function shutBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'shut_by');
    }

    /** @return BelongsTo<User, $this> */
    public function pulledBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'pulled_by');
    }

    /** @return HasMany<BakeItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(BakeItem::class);
    }

    /** @return HasMany<BakeEvent, $this> */
    public function events(): HasMany
    {
        $relation = $this->hasMany(BakeEvent::class);
        $relation->whereNull('withdrawn_at')->orderBy('at');

        return $relation;
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $relation = $this->hasMany(Reading::class);
        $relation->whereNull('withdrawn_at')->orderBy('at');

        return $relation;
    }

    /** @return HasMany<BakeResult, $this> */
    public function results(): HasMany
    {
        return $this->hasMany(BakeResult::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['setpoint_c' => 'float', 'minutes' => 'float', 'door_open_s' => 'float', 'ambient_c' => 'float', 'start_c' => 'float', 'way' => ClockWay::class, 'margin' => 'float', 'overbake_limit' => 'float', 'shut_at' => 'immutable_datetime:Y-m-d H:i:s.v', 'pulled_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

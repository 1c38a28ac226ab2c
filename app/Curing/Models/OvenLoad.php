<?php

declare(strict_types=1);

namespace App\Curing\Models;

use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Trade\LoadKind;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $oven_id
 * @property LoadKind $kind
 * @property ?float $target_c part metal bare parts are to reach
 * @property ?float $hold_minutes at that temperature
 * @property ?CarbonImmutable $withdrawn_at
 * @property ?int $withdrawn_by
 * @property ?int $shut_by
 * @property string $status planned, running, pulled or withdrawn
 * @property float $setpoint_c
 * @property float $minutes from the door's closing
 * @property float $door_open_s
 * @property float $ambient_c
 * @property ?float $start_c
 * @property TimingCriterion $way
 * @property float $margin
 * @property float $overbake_limit
 * @property array<string, mixed>|null $snapshot the oven's figures and the sheets as the door shut
 * @property ?int $host_load_id the cure whose oven, door and clock a bake-out shares
 * @property ?CarbonImmutable $timer_out_at taken out then, the oven's timer having turned it off when all was held
 * @property ?CarbonImmutable $shut_at
 * @property ?CarbonImmutable $pulled_at
 * @property ?CarbonImmutable $expected_pull_at while it runs, see UpdateExpectedPull
 * @property Oven $oven
 * @property ?User $shutBy
 * @property ?User $pulledBy
 * @property ?OvenLoad $host the cure it rides with
 * @property Collection<int, OvenLoad> $riders
 * @property Collection<int, OvenLoadItem> $items
 * @property Collection<int, OvenEvent> $events
 * @property Collection<int, Reading> $readings
 * @property Collection<int, LiveSample> $liveSamples
 * @property Collection<int, OvenResult> $results
 */
final class OvenLoad extends BaseModel implements HappensAfter
{
    /** How long the door stands open on a load where nobody says otherwise, s. House figure. */
    public const USUAL_DOOR_S = 60.0;

    use FindsLocked;

    /**
     * Loads of a kind.
     *
     * @return Builder<self>
     */
    public static function of(LoadKind $kind): Builder
    {
        return self::query()->where('kind', $kind);
    }

    /** Minutes of the run, which begins as the door opens on the load, at which it is or was pulled. */
    public function pullRunMinutes(): float
    {
        return $this->door_open_s / 60 +
            ($this->shut_at !== null && $this->pulled_at !== null
                ? $this->shut_at->diffInMilliseconds($this->pulled_at) / 60000
                : $this->minutes);
    }

    /** The moment it is set to be pulled; null before the door has shut. */
    public function setPullAt(): ?CarbonImmutable
    {
        return $this->shut_at?->addMilliseconds((int) round(60000 * $this->minutes));
    }

    public function isPulled(): bool
    {
        return $this->status === 'pulled';
    }

    /** What is in it, by name. */
    public function partNames(): string
    {
        return $this->items->map(fn (OvenLoadItem $item): string => $item->part->name)->unique()->join(', ');
    }

    /** What is in it, by name and number. */
    public function pieces(): string
    {
        return $this->items
            ->map(fn (OvenLoadItem $item): string => $item->title())
            ->join(', ');
    }

    /** Where it is looked at. */
    public function page(): string
    {
        return $this->kind === LoadKind::BakeOut
            ? "/station/bake-out?load={$this->id}&lot={$this->items()->value('batch_id')}"
            : "/bakes/{$this->id}";
    }

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

    /** @return BelongsTo<self, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(self::class, 'host_load_id');
    }

    /** @return HasMany<self, $this> */
    public function riders(): HasMany
    {
        $relation = $this->hasMany(self::class, 'host_load_id');
        $relation->where('status', '!=', 'withdrawn');

        return $relation;
    }

    /** The load whose oven, door and clock it has: its own, or that of the cure it rides with. */
    public function ran(): self
    {
        return $this->host_load_id === null ? $this : $this->host ?? $this;
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

    /** @return HasMany<OvenLoadItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(OvenLoadItem::class);
    }

    /** @return HasMany<OvenEvent, $this> */
    public function events(): HasMany
    {
        $relation = $this->hasMany(OvenEvent::class);
        $relation->whereNull('withdrawn_at')->orderBy('at');

        return $relation;
    }

    /** @return HasMany<LiveSample, $this> */
    public function liveSamples(): HasMany
    {
        return $this->hasMany(LiveSample::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $relation = $this->hasMany(Reading::class);
        $relation->whereNull('withdrawn_at')->orderBy('at');

        return $relation;
    }

    /** @return HasMany<OvenResult, $this> */
    public function results(): HasMany
    {
        return $this->hasMany(OvenResult::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return match ($column) {
            'shut_at' => [
                self::query()->where('oven_id', $this->oven_id)->whereKeyNot($this->id)->latest('pulled_at')
                    ->first()?->pulled_at,
                'the load before was pulled',
            ],
            'pulled_at' => $this->lastOut() ?? [$this->shut_at, 'its door was shut'],
            default => null,
        };
    }

    /** @return array{?CarbonImmutable, string}|null when pieces left it before it was pulled */
    private function lastOut(): ?array
    {
        $out = $this->items()->whereNotNull('out_at')->latest('out_at')->first();

        return $out === null ? null : [$out->out_at, 'pieces were taken out'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'setpoint_c' => 'float',
            'minutes' => 'float',
            'door_open_s' => 'float',
            'ambient_c' => 'float',
            'start_c' => 'float',
            'way' => TimingCriterion::class,
            'kind' => LoadKind::class,
            'target_c' => 'float',
            'hold_minutes' => 'float',
            'snapshot' => \App\Platform\Database\Casts\Capture::class,
            'withdrawn_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'margin' => 'float',
            'overbake_limit' => 'float',
            'timer_out_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'shut_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'pulled_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'expected_pull_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}

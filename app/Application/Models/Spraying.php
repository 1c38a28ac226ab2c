<?php

declare(strict_types=1);

namespace App\Application\Models;

use Aenum\Core\Application\Openness;
use Aenum\Core\Application\UncuredGauge;
use App\Accounts\Models\User;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Cache\SharedReads;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One coat sprayed on one batch: powder weighed out, settings, zones, powder weighed back.
 *
 * @property int $id
 * @property int $part_id
 * @property int $batch_id
 * @property int $coat_id
 * @property int $powder_id
 * @property ?int $powder_lot_id
 * @property ?int $gun_id
 * @property ?int $program
 * @property int $pieces
 * @property Openness $openness
 * @property ?float $weighed_g
 * @property ?float $back_g
 * @property float $planned_g that was to be sprayed
 * @property float $planned_um
 * @property float $planned_transfer before what was learned
 * @property float $planned_minutes before what was learned
 * @property float $area_m2 that took it
 * @property float $charge_index
 * @property float $flow_g_min
 * @property float $gun_speed_mm_s
 * @property float $overlap
 * @property ?float $minutes
 * @property ?float $part_c
 * @property ?float $raw_um mean of the readings on raw powder, as the film it becomes
 * @property bool $respirator the one who sprays confirmed it before the gun went up
 * @property ?UncuredGauge $raw_kind what it was read with; null for readings of before that was asked
 * @property ?float $raw_sd_um standard uncertainty of raw_um
 * @property ?float $raw_read_um mean of the readings on raw powder, as they were read
 * @property ?float $ohm
 * @property ?float $humidity_pct
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $done_at
 * @property ?CarbonImmutable $blown_off_at
 * @property ?string $blown_off_why
 * @property User $user
 * @property Batch $batch
 * @property Part $part
 * @property Coat $coat
 * @property Powder $powder
 * @property ?PowderLot $powderLot
 * @property ?Gun $gun
 * @property Collection<int, SprayingZone> $zones
 * @property Collection<int, SprayingCheck> $checks
 */
final class Spraying extends BaseModel implements HappensAfter
{
    use FindsLocked;

    public $timestamps = false;

    /** @return Builder<self> under way */
    public static function open(): Builder
    {
        return self::query()->whereNull('done_at')->whereNull('blown_off_at');
    }

    /** The one under way on a lot; null where none is. */
    public static function openOn(Batch $batch): ?self
    {
        return self::ofBatch($batch)->first();
    }

    /** @return Builder<self> the one under way on a batch */
    public static function ofBatch(Batch $batch): Builder
    {
        return self::open()->with(['zones', 'checks', 'powderLot', 'gun', 'user'])->where('batch_id', $batch->id);
    }

    /** @return Builder<self> done, and not blown off since */
    public static function done(): Builder
    {
        return self::query()->whereNotNull('done_at')->whereNull('blown_off_at');
    }

    /** @return Builder<self> the last of each gun, and the last without one, with its powder */
    public static function lastOfEachGun(): Builder
    {
        $last = self::query()->toBase()->groupBy('gun_id')->selectRaw('MAX(id)');

        return self::query()->with('powder')->whereIn('id', $last)->orderByDesc('id');
    }

    /** The last that was begun, whatever it was sprayed with; null before the first. */
    public static function last(): ?self
    {
        return SharedReads::get('last sprayed', self::class)->first();
    }

    /** The last that was begun with a gun on record, or with this one; null where none was. */
    public static function lastByGun(?Gun $gun = null): ?self
    {
        $last = SharedReads::get('last sprayed', self::class)->whereNotNull('gun_id');

        return $gun === null ? $last->first() : $last->firstWhere('gun_id', $gun->id);
    }

    public function isOpen(): bool
    {
        return $this->done_at === null && $this->blown_off_at === null;
    }

    /** Powder that left the lot for good, g; null where it was not weighed. */
    public function usedG(): ?float
    {
        return $this->weighed_g === null ? null : $this->weighed_g - ($this->back_g ?? 0.0);
    }

    /** Passes still to be sprayed. */
    public function passesLeft(): int
    {
        return (int) $this->zones->whereNull('ticked_at')->sum('passes');
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

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }

    /** @return BelongsTo<Powder, $this> */
    public function powder(): BelongsTo
    {
        return $this->belongsTo(Powder::class);
    }

    /** @return BelongsTo<PowderLot, $this> */
    public function powderLot(): BelongsTo
    {
        return $this->belongsTo(PowderLot::class);
    }

    /** @return BelongsTo<Gun, $this> */
    public function gun(): BelongsTo
    {
        return $this->belongsTo(Gun::class);
    }

    /** @return HasMany<SprayingZone, $this> */
    public function zones(): HasMany
    {
        $relation = $this->hasMany(SprayingZone::class);
        $relation->orderBy('place');

        return $relation;
    }

    /** @return HasMany<SprayingCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(SprayingCheck::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return match ($column) {
            'done_at' => [$this->at, 'its powder was weighed out'],
            'blown_off_at' => [$this->done_at ?? $this->at, 'its powder went on'],
            default => null,
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        $words = ['openness' => Openness::class, 'raw_kind' => UncuredGauge::class, 'respirator' => 'boolean'];

        return $words + array_fill_keys([
            'weighed_g', 'back_g', 'planned_g', 'planned_um', 'planned_transfer', 'planned_minutes', 'area_m2',
            'charge_index', 'flow_g_min', 'gun_speed_mm_s', 'overlap', 'minutes', 'part_c', 'raw_um', 'raw_read_um',
            'raw_sd_um', 'ohm', 'humidity_pct',
        ], 'float') + array_fill_keys(['at', 'done_at', 'blown_off_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

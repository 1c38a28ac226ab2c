<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HeldForChange;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Bare parts in an oven to gas before they are coated.
 *
 * @property int $id
 * @property int $oven_id
 * @property string $status planned, running, pulled or withdrawn
 * @property float $target_c part metal
 * @property float $hold_min at that temperature
 * @property float $setpoint_c
 * @property float $minutes door shut to pull
 * @property float $door_open_s
 * @property float $ambient_c
 * @property ?CarbonImmutable $shut_at
 * @property ?CarbonImmutable $pulled_at
 * @property array<string, array{reached: bool, held_min: float, peak_c: float, metal_minutes: float}>|null $result by part id
 * @property Oven $oven
 * @property Collection<int, BakeOutItem> $items
 */
final class BakeOutLoad extends Model
{
    use HeldForChange;

    public $timestamps = false;

    protected $table = 'bake_outs';

    protected $guarded = [];

    /** Equivalent minutes at 200 °C a part's metal has had in bake-outs that are over; nothing is asked of metals that do not age. */
    public static function metalMinutes(Part $part): float
    {
        if (! $part->metalKind()->ageHardens) {
            return 0.0;
        }
        $loads = self::query();
        $loads->whereHas('items', fn ($item) => $item->where('part_id', $part->id));
        $loads->where('status', 'pulled');

        return (float) $loads->get()->sum(fn (self $load): float => (float) ($load->result[$part->id]['metal_minutes'] ?? 0));
    }

    /** @return BelongsTo<Oven, $this> */
    public function oven(): BelongsTo
    {
        return $this->belongsTo(Oven::class);
    }

    /** @return HasMany<BakeOutItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(BakeOutItem::class, 'bake_out_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['target_c' => 'float', 'hold_min' => 'float', 'setpoint_c' => 'float', 'minutes' => 'float', 'door_open_s' => 'float', 'ambient_c' => 'float', 'result' => 'array', 'shut_at' => 'immutable_datetime:Y-m-d H:i:s.v', 'pulled_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

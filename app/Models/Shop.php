<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Cure\BakeRules;
use Aenum\Core\Cure\ClockWay;
use Illuminate\Database\Eloquent\Model;

/**
 * The one shop and its house ways.
 *
 * @property int $id
 * @property string $name
 * @property string $timezone
 * @property string $currency
 * @property float $kwh_price
 * @property float $ambient_c
 * @property ClockWay $clock_way
 * @property float $margin
 * @property float $overbake_limit
 * @property int $clock_ahead_s
 * @property array<string, string>|null $house the house ways that differ from the defaults
 * @property array<string, mixed>|null $equipment
 * @property float $humidity_pct
 * @property array<string, float>|null $air compressor_bar, air_hose_m, air_hose_mm, blast_hose_m, blast_hose_mm, nozzle_new_mm
 * @property array{hour?: float, powder_kg?: float, media_kg?: float}|null $prices in the shop's currency
 */
final class Shop extends Model
{
    protected $guarded = [];

    public static function current(): self
    {
        return once(fn (): self => self::query()->findOrFail(1));
    }

    public function rules(): BakeRules
    {
        return BakeRules::of($this->clock_way, $this->margin, $this->overbake_limit);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kwh_price' => 'float', 'ambient_c' => 'float', 'clock_way' => ClockWay::class, 'margin' => 'float', 'overbake_limit' => 'float', 'house' => 'array', 'equipment' => 'array', 'prices' => 'array', 'air' => 'array', 'humidity_pct' => 'float'];
    }
}

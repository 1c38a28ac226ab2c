<?php

declare(strict_types=1);

namespace App\Accounts\Models;

use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Preparation\Blasting\AirLine;
use App\Catalog\Models\ShopPolicy;
use App\Platform\Cache\RequestMemo;
use App\Platform\Cache\SharedReads;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * The one shop, with its settings and policies.
 *
 * @property int $id
 * @property string $name
 * @property string $timezone
 * @property string $currency
 * @property float $kwh_price
 * @property float $ambient_c
 * @property TimingCriterion $clock_way
 * @property BakePreference $prefer
 * @property float $margin
 * @property float $overbake_limit
 * @property int $clock_ahead_s
 * @property int $tablet_minutes without a touch, until a shared tablet signs out
 * @property ?CarbonImmutable $set_up_at the owner went through the setting up
 * @property float $humidity_pct
 * @property bool $by_the_sea salt is in its air
 * @property ?bool $reads_door_open how the infrared gun is used; null until somebody was asked
 * @property ?float $rail_kg what the rail carries, and so on; null where it is not written down
 * @property ?float $hook_kg
 * @property ?float $booth_wide_mm
 * @property ?float $booth_high_mm
 * @property ?float $booth_deep_mm
 * @property ?float $compressor_m3_min
 * @property ?float $compressor_bar
 * @property ?float $nozzle_mm
 * @property ?float $nozzle_new_mm
 * @property ?float $air_hose_m
 * @property ?float $air_hose_mm
 * @property ?float $blast_hose_m
 * @property ?float $blast_hose_mm
 * @property ?float $booth_air_m3_min what the booth draws through
 * @property ?float $booth_face_m_s
 * @property ?bool $light_metal_cabinet media, cabinet and collector for light metal alone; null until somebody says
 * @property ?bool $gun_interlocked the gun cannot spray with the booth fan off; null until somebody says
 * @property ?bool $co_alarm the breathing air has a carbon monoxide alarm; null until somebody says
 * @property ?CarbonImmutable $breathing_air_tested_on
 * @property ?float $compressor_duty share of the time it may run, above 0 to 1; null for all of it
 * @property float $powder_reserve share kept back for a redo
 * @property bool $booth_reclaims
 * @property ?int $racks racks or carts there are; null where they are never short
 * @property bool $ovens_overnight a bake may run on while nobody is there
 * @property ?float $price_hour in the shop's currency
 * @property ?float $price_powder_kg
 * @property ?float $price_media_kg
 */
final class Shop extends BaseModel
{
    public static function current(): self
    {
        return self::existing() ?? throw (new ModelNotFoundException)->setModel(self::class, [1]);
    }

    /** Null before there is a shop. */
    public static function existing(): ?self
    {
        return RequestMemo::once('shop', fn (): ?self => self::query()->find(1), ['shops']);
    }

    /** Where a form that was saved leads: back to the set-up list until the owner is done with that, else to $usual. */
    public static function afterSaving(string $usual): string
    {
        return self::current()->set_up_at === null ? '/set-up' : $usual;
    }

    public function rules(): BakeRules
    {
        return BakeRules::of($this->clock_way, $this->margin, $this->overbake_limit);
    }

    /** @return array<string, string> question => way, only those that differ from the usual */
    public function houseWays(): array
    {
        return SharedReads::get('policies', ShopPolicy::class)->pluck('way', 'question')->all();
    }

    /** @param  array<string, string>  $ways  question => way */
    public function keepHouseWays(array $ways): void
    {
        foreach ($ways as $question => $way) {
            ShopPolicy::query()->updateOrCreate(['question' => $question], ['way' => $way]);
        }
    }

    /** @return array{float, float, float}|null */
    public function boothMm(): ?array
    {
        return $this->booth_wide_mm === null || $this->booth_high_mm === null || $this->booth_deep_mm === null
            ? null
            : [$this->booth_wide_mm, $this->booth_high_mm, $this->booth_deep_mm];
    }

    /** @return array{float, float, float}|null */
    public function boothM(): ?array
    {
        $mm = $this->boothMm();

        return $mm === null ? null : [$mm[0] / 1000, $mm[1] / 1000, $mm[2] / 1000];
    }

    /** What feeds the nozzle. */
    public function airLine(): AirLine
    {
        return new AirLine(
            $this->compressor_m3_min,
            $this->compressor_bar,
            $this->air_hose_m,
            $this->air_hose_mm,
            $this->blast_hose_m,
            $this->blast_hose_mm,
            $this->nozzle_mm,
            $this->nozzle_new_mm,
            $this->compressor_duty,
        );
    }

    /** @return array{hour?: float, powder_kg?: float, media_kg?: float, kwh?: float} in the shop's currency */
    public function prices(): array
    {
        return array_filter([
            'hour' => $this->price_hour,
            'powder_kg' => $this->price_powder_kg,
            'media_kg' => $this->price_media_kg,
            'kwh' => $this->kwh_price,
        ], fn (?float $price): bool => $price !== null);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        $words = [
            'clock_way' => TimingCriterion::class,
            'prefer' => BakePreference::class,
            'by_the_sea' => 'boolean',
            'reads_door_open' => 'boolean',
            'set_up_at' => 'immutable_datetime',
            'booth_reclaims' => 'boolean',
            'ovens_overnight' => 'boolean',
            'light_metal_cabinet' => 'boolean',
            'gun_interlocked' => 'boolean',
            'co_alarm' => 'boolean',
            'breathing_air_tested_on' => 'immutable_date',
        ];

        return $words + array_fill_keys([
            'kwh_price', 'ambient_c', 'margin', 'overbake_limit', 'humidity_pct', 'rail_kg', 'hook_kg', 'booth_wide_mm',
            'booth_high_mm', 'booth_deep_mm', 'compressor_m3_min', 'compressor_bar', 'nozzle_mm', 'nozzle_new_mm',
            'air_hose_m', 'air_hose_mm', 'blast_hose_m', 'blast_hose_mm', 'price_hour', 'price_powder_kg',
            'price_media_kg', 'booth_air_m3_min', 'booth_face_m_s', 'powder_reserve',
            'compressor_duty',
        ], 'float');
    }
}

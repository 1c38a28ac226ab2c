<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Application\PowderSheet;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow as CuringCureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Effect;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Coat;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property ?string $maker
 * @property ?string $lot
 * @property Chemistry $chemistry
 * @property string $colour
 * @property ?string $finish
 * @property ?float $specific_gravity null where the data sheet gives none; see density()
 * @property float $film_min_um
 * @property float $film_max_um
 * @property ?float $window_c
 * @property ?float $flow_c
 * @property ?float $flow_minutes
 * @property bool $solvent_proof
 * @property string $effect as Effect has it
 * @property ?float $door_c a row of its sheet that counts from the door: the setpoint
 * @property ?float $door_minutes
 * @property ?TimingCriterion $clock_way how its sheet counts the cure; null where it says nothing
 * @property ClearNeed $clear_need what its sheet says of a clear on it
 * @property ?float $softens_c
 * @property ?bool $bonded its flake is bonded, not blended
 * @property ?bool $outdoors fit for the weather; null where the sheet does not say
 * @property ?float $price_kg in the shop's currency
 * @property ?float $box_kg
 * @property ?int $supplier_days
 * @property ?float $least_order_kg
 * @property ?float $transfer on the first pass, as its sheet has it
 * @property ?float $lel_g_m3
 * @property ?float $shrink raw to cured film
 * @property ?float $ohm_m
 * @property ?float $charge_uc_g
 * @property ?float $keep_below_c
 * @property ?float $gloss_low at 60°, as its sheet has it
 * @property ?float $gloss_high
 * @property Collection<int, ColorStandard> $masters
 * @property Collection<int, PowderLot> $lots
 * @property Collection<int, PowderPicture> $looks
 * @property Collection<int, Panel> $panels
 * @property string $before_clear what its sheet says before a clear goes on it
 * @property bool $zinc_rich
 * @property bool $gas_tolerant
 * @property bool $conductive
 * @property ?CarbonImmutable $retired_at
 * @property Collection<int, CureScheduleRow> $rows
 */
final class Powder extends BaseModel
{
    private const USUAL_DENSITY = 1.5;

    /** What a powder is taken for where nothing was said; also of one kept from before it was asked. */
    protected $attributes = ['effect' => 'plain', 'clear_need' => 'silent'];

    /** The sheet as the core takes it. */
    public function sheet(): CureSheet
    {
        return CureSheet::of(
            $this->chemistry,
            array_values(
                $this->rows
                    ->map(
                        fn (CureScheduleRow $row): CuringCureScheduleRow => CuringCureScheduleRow::of(
                            $row->pmt_c,
                            $row->min_minutes,
                            $row->max_minutes,
                        ),
                    )
                    ->all(),
            ),
            $this->window_c,
            $this->flow_c,
            $this->flow_minutes,
            $this->door_c === null || $this->door_minutes === null ? null : [$this->door_c, $this->door_minutes],
        );
    }

    /** Specific gravity: the data sheet's, or the usual one of a pigmented powder. House figure. */
    public function density(): float
    {
        return $this->specific_gravity ?? self::USUAL_DENSITY;
    }

    /** @return list<string> figures of its data sheet that nobody entered, and that are estimated meanwhile */
    public function estimated(): array
    {
        return $this->specific_gravity === null ? ['specific gravity '.self::USUAL_DENSITY] : [];
    }

    /** What the gun wants to know of it. */
    public function atTheGun(): PowderSheet
    {
        return PowderSheet::of(
            $this->density(),
            $this->film_min_um,
            $this->film_max_um,
            $this->charge_uc_g,
            $this->ohm_m,
            $this->transfer,
            $this->softens_c,
            $this->lel_g_m3,
            $this->shrink,
        );
    }

    public function effect(): Effect
    {
        return Effect::tryFrom($this->effect) ?? Effect::Plain;
    }

    /** Whether this shop knows how it looks baked: a panel was signed, or a coat of it has been in the oven. */
    public function isTried(): bool
    {
        return once(fn (): bool => Panel::query()
            ->where('powder_id', $this->id)->whereNull('withdrawn_at')->exists()
            || OvenResult::query()->whereIn('coat_id', Coat::query()->select('id')->where('powder_id', $this->id))
                ->exists());
    }

    /** Maker, lot and finish in a line, and whether it is off the shelf. */
    public function shelfLine(): string
    {
        return implode(', ', array_filter([
            $this->maker,
            (string) $this->lot === '' ? null : "lot {$this->lot}",
            $this->finish,
            $this->retired_at === null ? null : 'off the shelf',
        ]));
    }

    /** @return HasMany<PowderLot, $this> on the shelf, the first opened first, then the oldest */
    public function lots(): HasMany
    {
        $relation = $this->hasMany(PowderLot::class);
        $relation->whereNull('finished_at')->whereNull('withdrawn_at');
        $relation->orderByRaw('opened_on IS NULL')->orderBy('opened_on')->orderBy('received_on')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<PowderPicture, $this> */
    public function looks(): HasMany
    {
        $relation = $this->hasMany(PowderPicture::class);
        $relation->whereNull('withdrawn_at')->orderByDesc('shows')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Panel, $this> */
    public function panels(): HasMany
    {
        $relation = $this->hasMany(Panel::class);
        $relation->with('user')->whereNull('withdrawn_at')->orderByDesc('id');

        return $relation;
    }

    /** @return HasMany<ColorStandard, $this> */
    public function masters(): HasMany
    {
        $relation = $this->hasMany(ColorStandard::class);
        $relation->with('user')->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<CureScheduleRow, $this> */
    public function rows(): HasMany
    {
        $relation = $this->hasMany(CureScheduleRow::class);
        $relation->orderBy('pmt_c');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'chemistry' => Chemistry::class,
            'clock_way' => TimingCriterion::class,
            'door_c' => 'float',
            'door_minutes' => 'float',
            'specific_gravity' => 'float',
            'film_min_um' => 'float',
            'film_max_um' => 'float',
            'window_c' => 'float',
            'flow_c' => 'float',
            'flow_minutes' => 'float',
            'solvent_proof' => 'boolean',
            'zinc_rich' => 'boolean',
            'gas_tolerant' => 'boolean',
            'conductive' => 'boolean',
            'retired_at' => 'immutable_datetime',
            'clear_need' => ClearNeed::class,
            'bonded' => 'boolean',
            'outdoors' => 'boolean',
            'supplier_days' => 'integer',
        ] + array_fill_keys([
            'softens_c', 'price_kg', 'box_kg', 'least_order_kg', 'transfer', 'lel_g_m3', 'shrink', 'ohm_m',
            'charge_uc_g', 'keep_below_c', 'gloss_low', 'gloss_high',
        ], 'float');
    }
}

<?php

declare(strict_types=1);

namespace App\Curing\Models;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Trade\BakeTo;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Section;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Result of a pulled load for one layer of a part or section.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property int $oven_load_item_id
 * @property int $part_id
 * @property ?int $batch_id
 * @property ?CarbonImmutable $at when the pieces came out
 * @property ?int $coat_id null for a bare part
 * @property ?int $section_id
 * @property ?bool $reached of a bare part: whether it got there
 * @property ?float $held_minutes of a bare part: how long it was held there
 * @property ?float $dose of a coat, as all below that may be null
 * @property ?float $overbake
 * @property ?float $window_minutes
 * @property ?float $reaches_minutes
 * @property ?float $row_served_c
 * @property float $peak_c
 * @property float $metal_minutes
 * @property bool $fresh
 * @property ?CureState $state
 * @property ?float $handle_minutes
 * @property Part $part
 * @property ?Coat $coat
 * @property ?Section $section
 * @property OvenLoad $ovenLoad
 */
final class OvenResult extends BaseModel
{
    public $timestamps = false;

    /** Whether the layer came out as it was meant to. */
    public function served(BakeTo $to): bool
    {
        return $this->state?->serves($to) === true;
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

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return BelongsTo<OvenLoad, $this> */
    public function ovenLoad(): BelongsTo
    {
        return $this->belongsTo(OvenLoad::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'reached' => 'boolean',
            'held_minutes' => 'float',
            'dose' => 'float',
            'overbake' => 'float',
            'window_minutes' => 'float',
            'reaches_minutes' => 'float',
            'row_served_c' => 'float',
            'peak_c' => 'float',
            'metal_minutes' => 'float',
            'fresh' => 'boolean',
            'state' => CureState::class,
            'handle_minutes' => 'float',
        ];
    }
}

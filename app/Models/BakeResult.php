<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Cure\CureState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one pulled bake did to one layer of one part (or section).
 *
 * @property int $id
 * @property int $bake_id
 * @property int $bake_item_id
 * @property int $coat_id
 * @property ?int $section_id
 * @property float $dose
 * @property ?float $overbake
 * @property float $window_minutes
 * @property ?float $reaches_minutes
 * @property ?float $row_served_c
 * @property float $peak_c
 * @property float $metal_minutes
 * @property bool $fresh
 * @property CureState $state
 * @property float $handle_minutes
 * @property Coat $coat
 * @property ?Section $section
 * @property Bake $bake
 */
final class BakeResult extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** Whether the layer came out as it was meant to. */
    public function served(string $bakeTo): bool
    {
        return $this->state === CureState::Cured || ($bakeTo === 'flow' && in_array($this->state, [CureState::Flowed, CureState::PartCured], true));
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

    /** @return BelongsTo<Bake, $this> */
    public function bake(): BelongsTo
    {
        return $this->belongsTo(Bake::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['dose' => 'float', 'overbake' => 'float', 'window_minutes' => 'float', 'reaches_minutes' => 'float', 'row_served_c' => 'float', 'peak_c' => 'float', 'metal_minutes' => 'float', 'fresh' => 'boolean', 'state' => CureState::class, 'handle_minutes' => 'float'];
    }
}

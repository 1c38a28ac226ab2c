<?php

declare(strict_types=1);

namespace App\Application\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A zone of a spraying with its gun settings.
 *
 * @property int $id
 * @property int $spraying_id
 * @property int $place in spraying order
 * @property string $zone
 * @property string $name
 * @property string $tip
 * @property float $kv
 * @property float $ua
 * @property float $air
 * @property float $gun_distance_mm
 * @property float $film_um expected on it
 * @property int $passes
 * @property ?CarbonImmutable $ticked_at
 * @property Spraying $spraying
 */
final class SprayingZone extends BaseModel
{
    public $timestamps = false;

    /** What is left to do on it. */
    public function says(): string
    {
        return $this->ticked_at !== null ? 'done' : $this->passes.($this->passes === 1 ? ' pass' : ' passes');
    }

    /** How it was sprayed, to be done so again. */
    public function asSprayed(): string
    {
        return ucfirst($this->name).': '.round($this->kv).' kV, '.round($this->ua)." µA, air × {$this->air}, "
            .$this->passes.($this->passes === 1 ? ' pass' : ' passes');
    }

    /** @return BelongsTo<Spraying, $this> */
    public function spraying(): BelongsTo
    {
        return $this->belongsTo(Spraying::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ticked_at' => 'immutable_datetime:Y-m-d H:i:s.v']
            + array_fill_keys(['kv', 'ua', 'air', 'gun_distance_mm', 'film_um'], 'float');
    }
}

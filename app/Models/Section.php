<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A thick or thin region of a part: its share of mass and area.
 *
 * @property int $id
 * @property int $part_id
 * @property string $name
 * @property float $mass_kg
 * @property float $area_m2
 */
final class Section extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mass_kg' => 'float', 'area_m2' => 'float'];
    }
}

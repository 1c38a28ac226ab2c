<?php

declare(strict_types=1);

namespace App\Intake\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;

/**
 * A thick or thin region of a part, with its mass and area.
 *
 * @property int $id
 * @property int $part_id
 * @property string $name
 * @property float $mass_kg
 * @property float $area_m2
 * @property ?CarbonImmutable $superseded_at
 */
final class Section extends BaseModel
{
    use \App\Platform\Database\Supersedable;

    public $timestamps = false;

    public function isAs(float $massKg, float $areaM2): bool
    {
        return $this->mass_kg === $massKg && $this->area_m2 === $areaM2;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mass_kg' => 'float', 'area_m2' => 'float'];
    }
}

<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use App\Platform\Database\BaseModel;

/**
 * One film reading.
 *
 * @property int $inspection_id
 * @property int $position
 * @property float $microns
 * @property ?string $spot where on the part
 */
final class InspectionReading extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['microns' => 'float'];
    }
}

<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;

/**
 * One row of a powder's cure schedule.
 *
 * @property int $id
 * @property float $pmt_c
 * @property float $min_minutes
 * @property ?float $max_minutes
 */
final class CureScheduleRow extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pmt_c' => 'float', 'min_minutes' => 'float', 'max_minutes' => 'float'];
    }
}

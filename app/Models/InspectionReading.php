<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One reading of a film.
 *
 * @property int $inspection_id
 * @property int $position
 * @property float $microns
 */
final class InspectionReading extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['microns' => 'float'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One figure of a logbook's line.
 *
 * @property int $logbook_id
 * @property string $name with its unit
 * @property float $value
 */
final class LogFigure extends Model
{
    public $timestamps = false;

    protected $table = 'logbook_figures';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'float'];
    }
}

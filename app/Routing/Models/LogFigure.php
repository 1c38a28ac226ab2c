<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Platform\Database\BaseModel;

/**
 * One figure of a log entry.
 *
 * @property int $logbook_id
 * @property string $name with its unit
 * @property float $value
 */
final class LogFigure extends BaseModel
{
    public $timestamps = false;

    protected $table = 'logbook_figures';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'float'];
    }
}

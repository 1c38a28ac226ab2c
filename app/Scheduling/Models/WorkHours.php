<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use App\Platform\Database\BaseModel;

/**
 * A span of a weekday in which the shop or a person works.
 *
 * @property int $id
 * @property ?int $user_id null for the shop's own
 * @property int $weekday from 1, Monday
 * @property int $from_min after midnight, by the shop's clocks
 * @property int $to_min
 */
final class WorkHours extends BaseModel
{
    public $timestamps = false;

    protected $table = 'work_hours';
}

<?php

declare(strict_types=1);

namespace App\Curing\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;

/**
 * A sample of a live logger. When the load is pulled, the samples become its logger file.
 *
 * @property int $oven_load_id
 * @property string $logger
 * @property string $channel air, or what the couple sits on by name
 * @property int $slot which few seconds of the run it is of
 * @property CarbonImmutable $at
 * @property float $celsius
 * @property int $user_id whose token brought it
 */
final class LiveSample extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['celsius' => 'float', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

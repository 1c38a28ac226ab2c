<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Trade\Station;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;

/**
 * A workplace for one thing at a time.
 *
 * @property int $id
 * @property Station $station
 * @property string $name
 * @property ?CarbonImmutable $retired_at
 */
final class Bench extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class, 'retired_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

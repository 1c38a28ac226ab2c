<?php

declare(strict_types=1);

namespace App\Accounts\Models;

use Aenum\Core\Trade\Station;
use App\Platform\Database\BaseModel;

/**
 * A station a person works at; a person without any works at all.
 *
 * @property int $id
 * @property int $user_id
 * @property Station $station
 */
final class UserStation extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class];
    }
}

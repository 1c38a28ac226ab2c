<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Word\Station;

/**
 * A station a person works at; who has none works at all.
 *
 * @property int $id
 * @property int $user_id
 * @property Station $station
 */
final class UserStation extends Record
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A numbered program of a gun, as it is set on it.
 *
 * @property int $id
 * @property int $gun_id
 * @property int $number
 * @property string $name
 * @property float $kv
 * @property ?float $ua
 * @property float $air against the gun's usual
 */
final class GunProgram extends Record
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kv' => 'float', 'ua' => 'float', 'air' => 'float'];
    }
}

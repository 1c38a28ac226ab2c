<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;

/**
 * A numbered program of a gun.
 *
 * @property int $id
 * @property int $gun_id
 * @property int $number
 * @property string $name
 * @property float $kv
 * @property ?float $ua
 * @property float $air against the gun's usual
 * @property ?float $powder_percent powder output
 * @property ?float $atomising_air in the gun's own unit of air
 */
final class GunProgram extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['kv', 'ua', 'air', 'powder_percent', 'atomising_air'], 'float');
    }
}

<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A color standard of a powder, with its tolerance.
 *
 * @property int $id
 * @property int $powder_id
 * @property string $name
 * @property ?string $place on the shelf
 * @property float $lab_l
 * @property float $lab_a
 * @property float $lab_b
 * @property float $tolerance ΔE00 that was agreed
 * @property CarbonImmutable $at
 * @property User $user
 */
final class ColorStandard extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** @return array{float, float, float} */
    public function lab(): array
    {
        return [$this->lab_l, $this->lab_a, $this->lab_b];
    }

    /** What it is and where, in a line. */
    public function words(): string
    {
        return $this->name.($this->place === null ? '' : ", {$this->place}");
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v']
            + array_fill_keys(['lab_l', 'lab_a', 'lab_b', 'tolerance'], 'float');
    }
}

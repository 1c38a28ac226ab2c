<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A test panel of a powder, baked and signed.
 *
 * @property int $id
 * @property int $powder_id
 * @property ?int $powder_lot_id
 * @property string $signed_by
 * @property ?float $film_um
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 */
final class Panel extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'film_um' => 'float',
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'withdrawn_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}

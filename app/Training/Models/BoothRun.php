<?php

declare(strict_types=1);

namespace App\Training\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A run of a booth drill: the film, and what it took.
 *
 * @property int $id
 * @property int $user_id
 * @property string $drill
 * @property string $film cells row by row, packed
 * @property int $strokes
 * @property float $seconds the gun was on or moved
 * @property float $sprayed_g
 * @property float $charge_index
 * @property ?int $score once it was judged
 * @property ?float $measured_mean_um on a real panel sprayed like it
 * @property ?float $measured_least_um
 * @property ?float $measured_most_um
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 * @property User $user
 */
final class BoothRun extends BaseModel
{
    use FindsLocked;

    public $timestamps = false;

    protected $hidden = ['film'];

    /** A person's latest go at a drill; null before the first. */
    public static function lastOf(User $user, string $drill): ?self
    {
        return self::query()->where('user_id', $user->id)->where('drill', $drill)->orderByDesc('id')->first();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['started_at', 'ended_at'], 'immutable_datetime:Y-m-d H:i:s.v') + array_fill_keys(
            ['seconds', 'sprayed_g', 'charge_index', 'measured_mean_um', 'measured_least_um', 'measured_most_um'],
            'float',
        );
    }
}

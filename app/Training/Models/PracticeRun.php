<?php

declare(strict_types=1);

namespace App\Training\Models;

use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A run of a blast pot exercise: its moves, from which the state follows.
 *
 * @property int $id
 * @property int $user_id
 * @property string $exercise
 * @property list<string> $moves
 * @property ?int $score once it was reached
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 * @property User $user
 */
final class PracticeRun extends BaseModel
{
    use \App\Platform\Database\FindsLocked;

    public $timestamps = false;

    /** A person's latest go at an exercise; null before the first. */
    public static function lastOf(User $user, string $exercise): ?self
    {
        return self::query()->where('user_id', $user->id)->where('exercise', $exercise)->orderByDesc('id')->first();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'moves' => \App\Platform\Database\Casts\Capture::class,
            'started_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'ended_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}

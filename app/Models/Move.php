<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Word\Station;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One line of a job's history.
 *
 * @property int $id
 * @property int $job_id
 * @property int $user_id
 * @property string $kind
 * @property Station $from_station
 * @property Station $to_station
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 */
final class Move extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
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
            'from_station' => Station::class,
            'to_station' => Station::class,
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}

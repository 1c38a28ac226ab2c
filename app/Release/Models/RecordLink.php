<?php

declare(strict_types=1);

namespace App\Release\Models;

use Aenum\Core\Units\UnitSystem;
use App\Accounts\Models\User;
use App\Intake\Models\Job;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A URL under which a customer reads the record of a job. Only the hash of the URL is stored.
 *
 * @property int $id
 * @property int $job_id
 * @property string $mark SHA-256 of the address's secret
 * @property UnitSystem $unit_system it is read in
 * @property CarbonImmutable $at
 * @property int $opened how often
 * @property ?CarbonImmutable $opened_at last
 * @property ?CarbonImmutable $withdrawn_at
 * @property User $user
 * @property Job $job
 */
final class RecordLink extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    public static function markOf(string $secret): string
    {
        return hash('sha256', $secret);
    }

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
        return ['unit_system' => UnitSystem::class]
            + array_fill_keys(['at', 'opened_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

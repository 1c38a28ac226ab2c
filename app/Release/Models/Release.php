<?php

declare(strict_types=1);

namespace App\Release\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A released batch with its record. The database refuses changes.
 *
 * @property int $id
 * @property int $job_id
 * @property int $batch_id
 * @property string $document JSON, aenum-record/1
 * @property string $digest SHA-256 of the document
 * @property ?string $taken_by
 * @property ?string $signature as drawn: points across and down, 0 to 1000, strokes parted by |
 * @property CarbonImmutable $at
 * @property User $user
 * @property Batch $batch
 */
final class Release extends BaseModel
{
    public $timestamps = false;

    /** @return array<string, mixed> the record as it was frozen */
    public function record(): array
    {
        $read = json_decode($this->document, true);

        return is_array($read) ? $read : [];
    }

    /** Whether it says what it said when it was handed over. */
    public function isWhole(): bool
    {
        return hash_equals($this->digest, hash('sha256', $this->document));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

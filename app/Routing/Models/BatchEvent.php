<?php

declare(strict_types=1);

namespace App\Routing\Models;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One entry of a job's history.
 *
 * @property int $id
 * @property int $job_id
 * @property ?int $batch_id
 * @property int $user_id
 * @property string $kind
 * @property Station $from_station
 * @property Station $to_station
 * @property ?string $note
 * @property ?int $pieces how many it was about when it was written; null for lines of earlier releases
 * @property CarbonImmutable $at
 * @property User $user
 * @property ?Batch $batch
 */
final class BatchEvent extends BaseModel implements HappensAfter
{
    public $timestamps = false;

    protected static function booted(): void
    {
        self::creating(function (self $move): void {
            $move->pieces ??= $move->batch?->count;
        });
    }

    /** Whether somebody returned the work; older rows also called a move to an earlier station that, without a note. */
    public function isReturn(): bool
    {
        return $this->kind === 'sent_back' && $this->note !== null;
    }

    /** What was done, in words. */
    public function words(): string
    {
        return match ($this->kind) {
            'taken_in' => 'Taken in',
            'signed' => "Signed at {$this->from_station->label()}",
            'sent_on' => "On to {$this->to_station->label()}",
            'sent_back' => "Returned to {$this->to_station->label()}",
            'released' => 'Released',
            'split' => 'Split',
            'joined' => 'Joined',
            'scrapped' => 'Scrapped',
            'mended' => 'To be mended',
            default => 'Declined',
        };
    }

    /** Who moved it, and which of the lots it was where there is more than one. */
    public function who(): string
    {
        if ($this->batch === null || $this->batch->label() === '') {
            return $this->user->name;
        }
        $pieces = $this->pieces === null ? '' : "{$this->pieces} × ";

        return "{$pieces}{$this->batch->part->name}, {$this->batch->label()} · {$this->user->name}";
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return $column === 'at' && $this->batch_id !== null
            ? [self::query()->where('batch_id', $this->batch_id)->latest('at')->first()?->at, 'it was moved last']
            : null;
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

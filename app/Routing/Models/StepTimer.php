<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A timer on a part: a dwell, a rinse, a wait, bare steel.
 *
 * @property int $id
 * @property int $part_id
 * @property int $batch_id
 * @property string $step
 * @property string $label
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable $due_at
 * @property ?CarbonImmutable $late_at after this it has had too long
 * @property ?CarbonImmutable $done_at
 * @property Part $part
 * @property Batch $batch
 */
final class StepTimer extends BaseModel implements HappensAfter
{
    public const BARE_STEEL = 'bare_steel';

    public $timestamps = false;

    public function isLate(CarbonImmutable $now): bool
    {
        return $this->late_at?->lte($now) === true;
    }

    /** How what is done missed its time: "too long", "too short"; null where it kept it or still runs. */
    public function missed(): ?string
    {
        return match (true) {
            $this->done_at === null => null,
            $this->late_at !== null && $this->done_at->gt($this->late_at) => 'too long',
            $this->done_at->lt($this->due_at) => 'too short',
            default => null,
        };
    }

    public function isBareSteel(): bool
    {
        return $this->step === self::BARE_STEEL;
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return $column === 'done_at' ? [$this->started_at, 'this clock was started'] : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['started_at', 'due_at', 'late_at', 'done_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

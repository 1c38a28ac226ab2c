<?php

declare(strict_types=1);

namespace App\Intake\Models;

use Aenum\Core\Trade\Station;
use App\Inspection\Models\InspectionCheck;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use App\Platform\Errors\Refused;
use App\Routing\Models\StepCompletion;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Pieces of a part that travel together. All pieces of a batch have the same history.
 *
 * @property int $id
 * @property int $part_id
 * @property int $number among the part's lots, from 1
 * @property ?string $name
 * @property int $count
 * @property Station $station
 * @property string $status open, released, declined, scrapped or joined
 * @property ?int $from_batch_id the lot it was split from
 * @property ?int $joined_into the lot its pieces went into
 * @property CarbonImmutable $born_at
 * @property ?CarbonImmutable $ended_at
 * @property Part $part
 * @property Collection<int, StepCompletion> $marks
 * @property Collection<int, StepTimer> $clocks
 * @property Collection<int, InspectionCheck> $checks
 */
final class Batch extends BaseModel
{
    use FindsLocked;

    public $timestamps = false;

    /**
     * Lots hanging somewhere, those of the most pressing jobs first.
     *
     * @return Builder<self>
     */
    public static function hanging(): Builder
    {
        $batches = self::query()->select('batches.*')->where('batches.status', 'open')
            ->join('parts', 'parts.id', '=', 'batches.part_id')->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->whereNull('parts.withdrawn_at')->where('jobs.status', 'open')->orderByRaw('jobs.due_on IS NULL')
            ->orderBy('jobs.due_on')->orderBy('jobs.number')->orderBy('batches.id');

        return $batches;
    }

    /** Where it is looked at: its bench, or once it is gone its job's record. */
    public function page(): string
    {
        return $this->isOpen()
            ? "/station/{$this->station->value}?lot={$this->id}"
            : "/jobs/{$this->part->job_id}/record";
    }

    public function isOpen(): bool
    {
        return $this->status === 'open';
    }

    /** Whether its pieces are its own still; those of a lot that was joined are another's. */
    public function isThere(): bool
    {
        return $this->status !== 'joined';
    }

    /** What it is called; nothing where the part has but one. */
    public function label(): string
    {
        $this->loadMissing('part.batches');

        return $this->part->batches->filter(fn (self $batch): bool => $batch->isThere())->count() < 2
            ? ''
            : ($this->name ?? "lot {$this->number}");
    }

    /** How many of what, and which lot of it where there are several. */
    public function title(): string
    {
        $label = $this->label();

        return "{$this->count} × {$this->part->name}".($label === '' ? '' : ", {$label}");
    }

    /** Its part by name, and which lot of it. */
    public function partName(): string
    {
        $label = $this->label();

        return $this->part->name.($label === '' ? '' : ", {$label}");
    }

    /** The clock that runs on its bare steel; null where none does. */
    public function bareSteelClock(): ?StepTimer
    {
        return $this->clocks->where('step', StepTimer::BARE_STEEL)->whereNull('done_at')->first();
    }

    /** @throws Refused where it is closed, or its job is */
    public function mustBeOpen(): void
    {
        $this->part->job->mustBeOpen();
        if (! $this->isOpen()) {
            throw Refused::because([
                'lot' => ucfirst($this->partName())." is {$this->status}; its record stays as it is.",
            ]);
        }
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return HasMany<StepCompletion, $this> */
    public function marks(): HasMany
    {
        $relation = $this->hasMany(StepCompletion::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return HasMany<InspectionCheck, $this> */
    public function checks(): HasMany
    {
        $relation = $this->hasMany(InspectionCheck::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<StepTimer, $this> */
    public function clocks(): HasMany
    {
        $relation = $this->hasMany(StepTimer::class);
        $relation->orderBy('started_at')->orderBy('id');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class]
            + array_fill_keys(['born_at', 'ended_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

<?php

declare(strict_types=1);

namespace App\Intake\Models;

use Aenum\Core\Trade\Station;
use App\Customers\Models\Customer;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use App\Platform\Errors\Refused;
use App\Routing\Models\BatchEvent;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $number
 * @property int $customer_id
 * @property string $title
 * @property ?string $notes
 * @property ?CarbonImmutable $due_on
 * @property-read Station $station where its hindmost lot hangs
 * @property string $lives indoors, outdoors, coast or chemicals
 * @property string $status
 * @property int $created_by
 * @property Customer $customer
 * @property Collection<int, Part> $parts
 * @property Collection<int, BatchEvent> $moves
 */
final class Job extends BaseModel
{
    use FindsLocked;

    /**
     * Jobs still hanging somewhere, the most pressing first.
     *
     * @return Builder<self>
     */
    public static function hanging(): Builder
    {
        return self::query()->where('status', 'open')->orderByRaw('due_on IS NULL')->orderBy('due_on')
            ->orderBy('number');
    }

    /** Where its hindmost lot hangs; Intake where it has none yet, Release where nothing hangs any more. */
    public function getStationAttribute(): Station
    {
        $batches = $this->lotsThere();
        $places = $batches->filter(fn (Batch $batch): bool => $batch->isOpen())->map(
            fn (Batch $batch): Station => $batch->station,
        );
        if ($places->isEmpty()) {
            return $batches->isEmpty() ? Station::Intake : Station::Release;
        }

        return $places->sortBy(fn (Station $station): int => $station->place())->first() ?? Station::Intake;
    }

    /** @return \Illuminate\Support\Collection<int, Batch> its lots, those that were joined left out */
    public function lotsThere(): \Illuminate\Support\Collection
    {
        $this->loadMissing('parts.batches');

        return $this->parts->toBase()->flatMap(function (Part $part): \Illuminate\Support\Collection {
            $part->setRelation('job', $this);

            return $part->lotsThere();
        });
    }

    /** Where its lots hang, in words. */
    public function whereWords(): string
    {
        if (! $this->isOpen()) {
            return $this->status;
        }
        $at = $this->lotsThere()->filter(fn (Batch $batch): bool => $batch->isOpen())
            ->map(fn (Batch $batch): string => $batch->station->label())->unique();

        return 'hangs at '.($at->isEmpty() ? $this->station->label() : $at->join(', ', ' and '));
    }

    /** Released when its last pieces are gone and some reached the customer; declined when none will. */
    public function closeWhenNothingHangs(): void
    {
        $held = self::findLocked($this->id);
        $batches = Batch::query()->whereIn('part_id', $held->parts()->pluck('id'))->pluck('status');
        if ($held->isOpen() && ! $batches->contains('open')) {
            $held->update(['status' => $batches->contains('released') ? 'released' : 'declined']);
        }
    }

    public function isOpen(): bool
    {
        return $this->status === 'open';
    }

    /** @throws Refused where the job is closed: its record stays as it is */
    public function mustBeOpen(): void
    {
        if (! $this->isOpen()) {
            throw Refused::because([
                'job' => "Job {$this->number} is closed; its record stays as it is.",
            ]);
        }
    }

    public function isLate(CarbonImmutable $today): bool
    {
        return $this->isOpen() && $this->due_on !== null && $this->due_on->lt($today->startOfDay());
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return HasMany<Part, $this> */
    public function parts(): HasMany
    {
        $relation = $this->hasMany(Part::class);
        $relation->whereNull('withdrawn_at');

        return $relation;
    }

    /** @return HasMany<BatchEvent, $this> */
    public function moves(): HasMany
    {
        $relation = $this->hasMany(BatchEvent::class);
        $relation->orderByDesc('at')->orderByDesc('id');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['due_on' => 'immutable_date'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Word\Station;
use App\Models\Concerns\HeldForChange;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Validation\ValidationException;

/**
 * Pieces of a part that travel together: a rack, a cart, a bag. All pieces of a lot have the same past.
 *
 * @property int $id
 * @property int $part_id
 * @property int $number among the part's lots, from 1
 * @property ?string $name
 * @property int $count
 * @property Station $station
 * @property string $fate open, released, declined, scrapped or joined
 * @property ?int $from_lot_id the lot it was split from
 * @property ?int $joined_into the lot its pieces went into
 * @property CarbonImmutable $born_at
 * @property ?CarbonImmutable $ended_at
 * @property Part $part
 * @property Collection<int, StepMark> $marks
 * @property Collection<int, BenchClock> $clocks
 */
final class Lot extends Record
{
    use HeldForChange;

    public $timestamps = false;

    /**
     * Lots hanging somewhere, those of the most pressing jobs first.
     *
     * @return Builder<self>
     */
    public static function hanging(): Builder
    {
        $lots = self::query()->select('lots.*')->where('fate', 'open')
            ->join('parts', 'parts.id', '=', 'lots.part_id')->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->whereNull('parts.withdrawn_at')->where('jobs.status', 'open')->orderByRaw('jobs.due_on IS NULL')
            ->orderBy('jobs.due_on')->orderBy('jobs.number')->orderBy('lots.id');

        return $lots;
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
        return $this->fate === 'open';
    }

    /** Whether its pieces are its own still; those of a lot that was joined are another's. */
    public function isThere(): bool
    {
        return $this->fate !== 'joined';
    }

    /** What it is called; nothing where the part has but one. */
    public function label(): string
    {
        $this->loadMissing('part.lots');

        return $this->part->lots->filter(fn (self $lot): bool => $lot->isThere())->count() < 2
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
    public function bareSteelClock(): ?BenchClock
    {
        return $this->clocks->where('step', BenchClock::BARE_STEEL)->whereNull('done_at')->first();
    }

    /** @throws ValidationException where it is closed, or its job is */
    public function mustBeOpen(): void
    {
        $this->part->job->mustBeOpen();
        if (! $this->isOpen()) {
            throw ValidationException::withMessages([
                'lot' => ucfirst($this->partName())." is {$this->fate}; its record stays as it is.",
            ]);
        }
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return HasMany<StepMark, $this> */
    public function marks(): HasMany
    {
        $relation = $this->hasMany(StepMark::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return HasMany<BenchClock, $this> */
    public function clocks(): HasMany
    {
        $relation = $this->hasMany(BenchClock::class);
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

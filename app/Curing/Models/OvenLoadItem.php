<?php

declare(strict_types=1);

namespace App\Curing\Models;

use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Pieces of a batch in a load, for one of their coats.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property int $part_id
 * @property ?int $batch_id
 * @property ?CarbonImmutable $out_at where it left before the load did
 * @property ?int $coat_id null for a bare part
 * @property int $count
 * @property Part $part
 * @property ?Batch $batch
 * @property ?Coat $coat
 * @property OvenLoad $ovenLoad
 */
final class OvenLoadItem extends BaseModel implements HappensAfter
{
    public $timestamps = false;

    /** How many of what, and which lot of it where there are several. */
    public function title(): string
    {
        $this->loadMissing('batch.part.batches');
        $label = $this->batch?->label() ?? '';

        return "{$this->count} × {$this->part->name}".($label === '' ? '' : ", {$label}");
    }

    /** @return BelongsTo<OvenLoad, $this> */
    public function ovenLoad(): BelongsTo
    {
        return $this->belongsTo(OvenLoad::class);
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

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        $shut = fn (): ?CarbonImmutable => OvenLoad::query()->find($this->oven_load_id)?->shut_at;

        return $column === 'out_at' ? [$shut(), 'the door was shut'] : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['out_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

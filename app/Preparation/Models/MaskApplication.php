<?php

declare(strict_types=1);

namespace App\Preparation\Models;

use App\Catalog\Models\Mask;
use App\Intake\Models\Batch;
use App\Intake\Models\Pin;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Masks applied at one pin for all pieces, and counted off again.
 *
 * @property int $id
 * @property int $pin_id
 * @property ?int $batch_id
 * @property ?int $mask_id
 * @property int $fitted
 * @property ?int $removed
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $removed_at
 * @property Pin $pin
 * @property ?Mask $mask
 * @property ?Batch $batch
 */
final class MaskApplication extends BaseModel implements HappensAfter
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    public function isOff(): bool
    {
        return $this->removed === $this->fitted;
    }

    /** What went on, in words. */
    public function countWords(): string
    {
        return "{$this->fitted} × ".($this->mask->name ?? 'mask').' on';
    }

    /** @return BelongsTo<Pin, $this> */
    public function pin(): BelongsTo
    {
        return $this->belongsTo(Pin::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Mask, $this> */
    public function mask(): BelongsTo
    {
        return $this->belongsTo(Mask::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return $column === 'removed_at' ? [$this->at, 'the masks went on'] : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['at', 'removed_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Masks put on at one pin, all pieces together, and counted off again.
 *
 * @property int $id
 * @property int $pin_id
 * @property ?int $lot_id
 * @property ?int $mask_id
 * @property int $fitted
 * @property ?int $removed
 * @property Pin $pin
 * @property ?Mask $mask
 * @property ?Lot $lot
 */
final class Fitting extends Record
{
    use Concerns\Withdrawn;

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

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<Mask, $this> */
    public function mask(): BelongsTo
    {
        return $this->belongsTo(Mask::class);
    }
}

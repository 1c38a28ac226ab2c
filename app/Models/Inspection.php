<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Inspect\FilmReadings;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $coat_id
 * @property ?int $lot_id
 * @property string $kind solvent_rub, film or logger
 * @property ?int $rubs
 * @property ?int $rating
 * @property ?string $solvent
 * @property ?float $band_from_um
 * @property ?float $band_to_um
 * @property string $verdict pass, fail or not_judged
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 * @property Coat $coat
 * @property ?OvenLog $ovenLog the log it stands on, where it is a logger's
 * @property Collection<int, InspectionReading> $readings
 */
final class Inspection extends Record
{
    public $timestamps = false;

    public function failed(): bool
    {
        return $this->verdict === 'fail';
    }

    /** What a rub says, in words. */
    public function rubWords(): string
    {
        return match ($this->verdict) {
            'pass' => 'cured',
            'fail' => 'under-cured, back to the oven',
            default => 'not judged, this powder never stands solvent',
        };
    }

    /** The film as it was read, judged; null for anything but film. */
    public function film(): ?FilmReadings
    {
        return $this->readings->isEmpty() ? null : FilmReadings::of($this->readings->pluck('microns')->values()->all());
    }

    /** @return HasMany<InspectionReading, $this> */
    public function readings(): HasMany
    {
        $relation = $this->hasMany(InspectionReading::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** Whether it still counts: a logger's verdict goes with its log. */
    public function stands(): bool
    {
        return $this->ovenLog?->withdrawn_at === null;
    }

    /** @return BelongsTo<OvenLog, $this> */
    public function ovenLog(): BelongsTo
    {
        return $this->belongsTo(OvenLog::class);
    }

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['band_from_um' => 'float', 'band_to_um' => 'float', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

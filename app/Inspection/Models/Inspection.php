<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Trade\FilmCriterion;
use App\Accounts\Models\User;
use App\Catalog\Models\ColorStandard;
use App\Curing\Models\OvenLog;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $coat_id
 * @property ?int $batch_id
 * @property string $kind solvent_rub, film, logger, cross_cut, gloss, colour or judged
 * @property ?int $rubs
 * @property ?int $rating
 * @property ?string $solvent
 * @property ?float $band_from_um
 * @property ?float $band_to_um
 * @property ?string $way how film readings were accepted, as FilmCriterion has it
 * @property ?float $nominal_um
 * @property ?string $pressure of a rub, as RubPressure has it
 * @property ?float $figure gloss units, or ΔE00
 * @property ?float $limit_low of the figure, as it was agreed
 * @property ?float $limit_high
 * @property ?float $lab_l as it was measured
 * @property ?float $lab_a
 * @property ?float $lab_b
 * @property ?string $place where on the part
 * @property ?string $source typed, file or gauge
 * @property ?int $color_standard_id
 * @property ?ColorStandard $master
 * @property string $verdict pass, fail or not_judged
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 * @property Coat $coat
 * @property ?Batch $batch
 * @property ?OvenLog $ovenLog the log it stands on, where it is a logger's
 * @property Collection<int, InspectionReading> $readings
 */
final class Inspection extends BaseModel
{
    public $timestamps = false;

    public function failed(): bool
    {
        return $this->verdict === 'fail';
    }

    /** What a film says of its band, in a word. */
    public function bandWords(): string
    {
        return $this->failed() ? 'outside' : 'within';
    }

    /** What a log says of the cure, in a word. */
    public function cureWords(): string
    {
        return $this->failed() ? 'short' : 'cured';
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

    /** What it says, in a word: of anything but film and rub. */
    public function verdictWords(): string
    {
        return match ($this->verdict) {
            'pass' => 'as agreed',
            'fail' => 'not as agreed',
            default => 'not judged',
        };
    }

    /** @return array<string, list<float>> µm by spot, in the order they were read */
    public function bySpot(): array
    {
        $spots = [];
        foreach ($this->readings as $one) {
            $spots[$one->spot ?? ''][] = $one->microns;
        }

        return $spots;
    }

    /** How its film was accepted; the plain way where an earlier release did not ask. */
    public function filmWay(): FilmCriterion
    {
        return FilmCriterion::tryFrom($this->way ?? '') ?? FilmCriterion::Plain;
    }

    /** Its film against its band; null for anything but film. */
    public function judgedFilm(): ?FilmJudgement
    {
        $film = $this->film();

        return $film === null || $this->band_from_um === null || $this->band_to_um === null
            ? null
            : FilmJudgement::of(
                $film,
                $this->band_from_um,
                $this->band_to_um,
                $this->filmWay(),
                $this->nominal_um ?? ($this->band_from_um + $this->band_to_um) / 2,
                $this->filmWay() === FilmCriterion::Spot ? $this->areaM2() : null,
            );
    }

    /** Returns the area its coat covers on the batch, m²; null where that is not known. */
    private function areaM2(): ?float
    {
        $this->loadMissing(['coat.part', 'batch']);

        return $this->coat->areaM2($this->batch->count ?? $this->coat->part->count);
    }

    /** @return BelongsTo<ColorStandard, $this> */
    public function master(): BelongsTo
    {
        return $this->belongsTo(ColorStandard::class);
    }

    /** The film as it was read, judged; null for anything but film. */
    public function film(): ?FilmReadings
    {
        return $this->readings->isEmpty() ? null : FilmReadings::of(
            array_map(floatval(...), array_values($this->readings->pluck('microns')->all())),
        );
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

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
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
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v'] + array_fill_keys([
            'band_from_um', 'band_to_um', 'nominal_um', 'figure', 'limit_low', 'limit_high', 'lab_l', 'lab_a', 'lab_b',
        ], 'float');
    }
}

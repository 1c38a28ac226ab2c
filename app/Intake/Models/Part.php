<?php

declare(strict_types=1);

namespace App\Intake\Models;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Joint;
use Aenum\Core\Thermal\LoadItem;
use App\Application\Models\Spraying;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\Rework;
use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use App\Preparation\Models\Rack;
use App\Routing\Models\LogLine;
use App\Routing\Models\PartPolicy;
use App\Routing\Models\PartStep;
use App\Routing\Models\Signature;
use App\Routing\Models\StepTimer;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property int $count
 * @property string $metal
 * @property ?float $mass_kg of one; null until it is weighed
 * @property ?float $area_m2 of one; null until it is known
 * @property Collection<int, PartPolicy> $ways settled, where it does not go as the house goes now
 * @property ?string $joint how its regions hang together, as Joint has it; one casting where nobody has said
 * @property ?int $joint_many
 * @property ?float $joint_thick_mm of one neck
 * @property ?float $joint_long_mm of one neck, or of the seam
 * @property bool $outside_only a closed profile: the inside sees neither oven nor gun
 * @property ?float $wall_mm
 * @property float $view_factor
 * @property ?string $made as the core's Made has it, and so on; null where nobody said, unknown words kept as they are
 * @property ?string $duty
 * @property ?string $alloy
 * @property ?string $paint_test
 * @property ?float $temper_c
 * @property ?float $strength_mpa
 * @property ?string $licence
 * @property ?string $acid_product
 * @property ?float $box_long_mm
 * @property ?float $box_wide_mm
 * @property ?float $box_high_mm
 * @property ?string $blast_medium
 * @property ?float $blast_bar
 * @property ?string $strip_way the way off chosen at the strip bench
 * @property list<array<string, mixed>>|null $shapes
 * @property array<string, mixed>|null $mesh
 * @property ?int $withdrawn_by
 * @property Collection<int, PartTrait> $traits
 * @property Collection<int, PartStep> $steps
 * @property ?Rack $rack how it hangs
 * @property Job $job
 * @property Collection<int, Batch> $batches
 * @property Collection<int, StepTimer> $clocks
 * @property Collection<int, Section> $sections
 * @property Collection<int, Coat> $coats as it was planned
 * @property Collection<int, Coat> $everyCoat those laid to mend some pieces with them
 * @property Collection<int, Rework> $reworks
 * @property Collection<int, Defect> $defects
 * @property Collection<int, Signature> $signatures
 * @property Collection<int, Picture> $pictures
 * @property Collection<int, Pin> $pins
 * @property Collection<int, Bag> $bags
 */
final class Part extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    /** What it is made of; a word this release does not know is an unknown metal by that name. */
    public function metalKind(): Metal
    {
        return MetalCatalog::find($this->metal) ?? Metal::unknown($this->metal);
    }

    /** Whether another's shapes may be taken for it. */
    public function mayBeBuiltLike(self $other): bool
    {
        return $this->job->isOpen() && $this->id !== $other->id;
    }

    /** Whether there is anything of it to look at: pins, shapes, a picture. */
    public function isPictured(): bool
    {
        return $this->pins->isNotEmpty() || (bool) $this->shapes || $this->picturePinned() !== null;
    }

    /** @return array{float, float, float}|null outside measures */
    public function boxMm(): ?array
    {
        return $this->box_long_mm === null || $this->box_wide_mm === null || $this->box_high_mm === null
            ? null
            : [$this->box_long_mm, $this->box_wide_mm, $this->box_high_mm];
    }

    /** The coats it is to have, in words. */
    public function coatWords(): string
    {
        $words = $this->coats->map(fn (Coat $coat): string => $coat->words());

        return $words->isEmpty() ? 'no coat planned yet' : $words->join(', then ');
    }

    /** Its lots and its coats know it without asking for it again. */
    public function knit(): self
    {
        $this->loadMissing('batches');
        $this->batches->each(fn (Batch $batch) => $batch->setRelation('part', $this));
        if ($this->relationLoaded('coats')) {
            $this->coats->each(fn (Coat $coat) => $coat->setRelation('part', $this));
        }

        return $this;
    }

    /** @return \Illuminate\Support\Collection<int, Batch> the batches its pieces are in, without joined ones */
    public function lotsThere(): \Illuminate\Support\Collection
    {
        return $this->knit()->batches->toBase()->filter(fn (Batch $batch): bool => $batch->isThere())->values();
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        $relation = $this->hasMany(Batch::class);
        $relation->orderBy('number');

        return $relation;
    }

    /** @return HasMany<PartTrait, $this> */
    public function traits(): HasMany
    {
        return $this->hasMany(PartTrait::class);
    }

    /** @return HasMany<PartStep, $this> */
    public function steps(): HasMany
    {
        $relation = $this->hasMany(PartStep::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** @return HasOne<Rack, $this> */
    public function rack(): HasOne
    {
        return $this->hasOne(Rack::class);
    }

    /** The photo its pins are on; else, where none are on the drawing, its first; null for the drawing. */
    public function picturePinned(): ?Picture
    {
        $pinned = $this->pictures->first(fn (Picture $one): bool => $this->pins->contains('picture_id', $one->id));
        $first = $this->pins->whereNull('picture_id')->isEmpty() ? $this->pictures->first() : null;

        return $pinned ?? $first;
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return HasMany<Section, $this> */
    public function sections(): HasMany
    {
        return $this->hasMany(Section::class);
    }

    /** @return HasMany<Signature, $this> */
    public function signatures(): HasMany
    {
        $relation = $this->hasMany(Signature::class);
        $relation->whereNull('withdrawn_at');

        return $relation;
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        $relation = $this->hasMany(Picture::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Pin, $this> */
    public function pins(): HasMany
    {
        $relation = $this->hasMany(Pin::class);
        $relation->whereNull('withdrawn_at')->orderBy('number');

        return $relation;
    }

    /** @return HasMany<StepTimer, $this> */
    public function clocks(): HasMany
    {
        $relation = $this->hasMany(StepTimer::class);
        $relation->orderBy('started_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Bag, $this> */
    public function bags(): HasMany
    {
        $relation = $this->hasMany(Bag::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<PartPolicy, $this> */
    public function ways(): HasMany
    {
        return $this->hasMany(PartPolicy::class);
    }

    /** @return array<string, string> question => way, where it has its own */
    public function ownWays(): array
    {
        return $this->ways->pluck('way', 'question')->all();
    }

    /** @return HasMany<Coat, $this> as it was planned for all pieces */
    public function coats(): HasMany
    {
        $relation = $this->hasMany(Coat::class);
        $relation->whereNull('rework_id')->orderBy('position');

        return $relation;
    }

    /** @return HasMany<Rework, $this> how some of its pieces are mended */
    public function reworks(): HasMany
    {
        $relation = $this->hasMany(Rework::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<LogLine, $this> what the logbook has of it, the latest first */
    public function logLines(): HasMany
    {
        $relation = $this->hasMany(LogLine::class);
        $relation->whereNull('withdrawn_at')->orderByDesc('id');

        return $relation;
    }

    /** @return Collection<int, LogLine> of one kind, the latest first */
    public function logged(string $kind): Collection
    {
        $this->loadMissing(['logLines.figures', 'logLines.user']);

        return $this->logLines->where('kind', $kind)->values();
    }

    /** @return HasMany<OvenResult, $this> of all its coats, and of its bare metal */
    public function ovenResults(): HasMany
    {
        return $this->hasMany(OvenResult::class);
    }

    /** @return HasMany<OvenLoadItem, $this> */
    public function ovenItems(): HasMany
    {
        return $this->hasMany(OvenLoadItem::class);
    }

    /** @return HasMany<Spraying, $this> done, and not blown off since */
    public function sprayings(): HasMany
    {
        $relation = $this->hasMany(Spraying::class);
        $relation->whereNotNull('done_at')->whereNull('blown_off_at')->orderBy('id');

        return $relation;
    }

    /** @return HasManyThrough<Inspection, Coat, $this> of all coats it ever had */
    public function inspections(): HasManyThrough
    {
        return $this->hasManyThrough(Inspection::class, Coat::class)->withoutGlobalScopes();
    }

    /** @return HasMany<Defect, $this> */
    public function defects(): HasMany
    {
        $relation = $this->hasMany(Defect::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Coat, $this> those laid to mend some pieces with them */
    public function everyCoat(): HasMany
    {
        $relation = $this->hasMany(Coat::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** How its regions hang together; without an answer they are one casting. */
    public function jointKind(): Joint
    {
        return Joint::tryFrom($this->joint ?? '') ?? Joint::Casting;
    }

    /** Heat between two of its regions, W/K; null where nothing joins them. */
    public function neck(LoadItem $one, LoadItem $other): ?float
    {
        $many = max(1, $this->joint_many ?? 1);

        return $this->jointKind()->wPerK($one, $other, $many, $this->joint_thick_mm, $this->joint_long_mm);
    }

    /** Whether mass and area are known, so that a bake can be worked out. */
    public function isWeighed(): bool
    {
        return $this->mass_kg !== null && $this->area_m2 !== null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'outside_only' => 'boolean',
            'joint_many' => 'integer',
            'joint_thick_mm' => 'float',
            'joint_long_mm' => 'float',
            'mass_kg' => 'float',
            'area_m2' => 'float',
            'wall_mm' => 'float',
            'view_factor' => 'float',
            'shapes' => Capture::class,
            'mesh' => Capture::class,
            'temper_c' => 'float',
            'strength_mpa' => 'float',
            'box_long_mm' => 'float',
            'box_wide_mm' => 'float',
            'box_high_mm' => 'float',
            'blast_bar' => 'float',
        ];
    }
}

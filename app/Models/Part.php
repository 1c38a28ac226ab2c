<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Metal\Metal;
use Aenum\Core\Metal\MetalCatalogue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property int $count
 * @property string $metal
 * @property float $mass_kg
 * @property float $area_m2
 * @property ?float $wall_mm
 * @property float $view_factor
 * @property array<string, mixed>|null $facts
 * @property list<array<string, mixed>>|null $route
 * @property list<array<string, mixed>>|null $shapes
 * @property array<string, mixed>|null $mesh
 * @property array<string, mixed>|null $hang how it hangs on the rack
 * @property array<string, mixed>|null $prep what was chosen at the preparation benches
 * @property Job $job
 * @property Collection<int, BenchClock> $clocks
 * @property Collection<int, Section> $sections
 * @property Collection<int, Coat> $coats
 * @property Collection<int, Signature> $signatures
 * @property Collection<int, Picture> $pictures
 * @property Collection<int, Pin> $pins
 * @property Collection<int, Bag> $bags
 */
final class Part extends Model
{
    protected $guarded = [];

    public function metalKind(): Metal
    {
        return MetalCatalogue::get($this->metal);
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

    /** @return HasMany<BenchClock, $this> */
    public function clocks(): HasMany
    {
        $relation = $this->hasMany(BenchClock::class);
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

    /** @return HasMany<Coat, $this> */
    public function coats(): HasMany
    {
        $relation = $this->hasMany(Coat::class);
        $relation->orderBy('position');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mass_kg' => 'float', 'area_m2' => 'float', 'wall_mm' => 'float', 'view_factor' => 'float', 'facts' => 'array', 'route' => 'array', 'shapes' => 'array', 'mesh' => 'array', 'hang' => 'array', 'prep' => 'array'];
    }
}

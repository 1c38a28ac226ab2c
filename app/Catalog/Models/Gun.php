<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Application\AirUnit;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun as CoreGun;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\Nozzle;
use App\Application\Models\Spraying;
use App\Platform\Cache\SharedReads;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A spray gun of the shop.
 *
 * @property int $id
 * @property string $name
 * @property GunKind $kind
 * @property Feed $feed
 * @property bool $tip_slot
 * @property bool $tip_round
 * @property bool $tip_deflector
 * @property bool $tip_cross
 * @property bool $has_atomising
 * @property bool $has_ring a collector ring takes the free ions away
 * @property float $most_kv
 * @property ?float $low_kv
 * @property ?float $most_ua
 * @property ?float $flow_g_min as a bag caught it
 * @property ?float $pattern_mm
 * @property ?float $pattern_at_mm
 * @property bool $positive charges the powder positive
 * @property AirUnit $air_unit what its powder air is set in
 * @property ?float $air_usual its usual setting in that unit
 * @property ?CarbonImmutable $retired_at
 * @property Collection<int, GunProgram> $programs
 */
final class Gun extends BaseModel
{
    public $timestamps = false;

    /** @return Collection<int, self> those in use, by name */
    public static function inUse(): Collection
    {
        return SharedReads::get('guns', self::class);
    }

    /** @return Builder<self> */
    public static function allInUse(): Builder
    {
        return self::query()->with('programs')->whereNull('retired_at')->orderBy('name');
    }

    /** The one that was sprayed with last, else the first in use; null where the shop has recorded none. */
    public static function usual(): ?self
    {
        $last = Spraying::lastByGun()?->gun_id;
        $guns = self::inUse();

        return $guns->firstWhere('id', $last) ?? $guns->first();
    }

    /** As the core takes it. */
    public function model(): CoreGun
    {
        return CoreGun::of(
            $this->name,
            $this->kind,
            $this->feed,
            $this->tips(),
            $this->most_kv,
            $this->low_kv,
            $this->kind->limitsCurrent() ? $this->most_ua : null,
            $this->flow_g_min,
            $this->pattern_mm,
            $this->pattern_at_mm,
            $this->positive,
            $this->air_unit,
            $this->air_usual,
        );
    }

    /** @return list<string> figures nobody measured on it, and that are estimated meanwhile */
    public function estimated(): array
    {
        return array_values(array_filter([
            $this->flow_g_min === null ? 'powder flow' : null,
            $this->pattern_mm === null ? 'pattern width' : null,
        ]));
    }

    /** @return list<Nozzle> */
    public function tips(): array
    {
        $has = fn (Nozzle $tip): bool => (bool) $this->getAttribute("tip_{$tip->value}");

        return array_values(array_filter(Nozzle::cases(), $has));
    }

    /** What it is, what feeds it and what it can be set to. */
    public function words(): string
    {
        $kv = $this->low_kv ? round($this->low_kv).' or '.round($this->most_kv) : 'up to '.round($this->most_kv);
        $says = ucfirst($this->kind->label())."; fed from a {$this->feed->label()}; {$kv} kV";
        $most = $this->most_ua ? ', '.round($this->most_ua).' µA' : '';

        return $says.$most.($this->positive ? ', positive charge' : '').($this->has_ring ? ', collector ring.' : '.');
    }

    /** @return HasMany<GunProgram, $this> */
    public function programs(): HasMany
    {
        $relation = $this->hasMany(GunProgram::class);
        $relation->orderBy('number');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => GunKind::class,
            'feed' => Feed::class,
            'air_unit' => AirUnit::class,
            'retired_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ] + array_fill_keys([
            'most_kv', 'low_kv', 'most_ua', 'flow_g_min', 'pattern_mm', 'pattern_at_mm', 'air_usual',
        ], 'float')
            + array_fill_keys(
                ['tip_slot', 'tip_round', 'tip_deflector', 'tip_cross', 'has_atomising', 'has_ring', 'positive'],
                'boolean',
            );
    }
}

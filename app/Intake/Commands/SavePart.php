<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Joint;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Application\Models\Spraying;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Intake\Models\Section;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Creates or updates a part with its sections and coats. A coat that was in an oven is not changed. */
final class SavePart
{
    /** Regions weighed one by one and the whole agree within this share. House figure. */
    private const REGIONS_OFF = 0.03;

    /**
     * @param  array{name: string, count: int, metal: string, mass_kg: ?float, area_m2: ?float, wall_mm: ?float,
     *      joint?: array{joint: ?string, joint_many: ?int, joint_thick_mm: ?float, joint_long_mm: ?float},
     *      outside_only?: bool, view_factor: float,
     *      sections: list<array{name: string, mass_kg: float, area_m2: float}>,
     *      coats: list<array{role: string, powder_id: int, bake_to: string, zone?: ?string, share?: float}>}  $facts
     *
     * @throws Refused
     */
    public function __invoke(Job $job, ?Part $part, array $facts): Part
    {
        return DB::transaction(function () use ($job, $part, $facts): Part {
            if ($part !== null) {
                $this->refuseIfBaked($part, $facts);
                self::refuseIfSprayed($part);
            }
            [$mass, $area] = $this->massAndArea($this->untouched($part, $facts));
            $written = [
                'job_id' => $job->id,
                'name' => $facts['name'],
                'count' => $facts['count'],
                'metal' => $facts['metal'],
                'mass_kg' => $mass,
                'area_m2' => $area,
                'wall_mm' => $facts['wall_mm'],
                'outside_only' => $facts['outside_only'] ?? false,
                ...$facts['joint'] ?? [],
                'view_factor' => $facts['view_factor'],
            ];
            if ($part === null) {
                $part = Part::query()->create($written);
                self::firstLot($part);
            } else {
                $this->recount($part, $facts['count']);
                $part->update($written);
            }
            $this->writeSections($part, $facts['sections']);
            $this->writeCoats($part, $facts['coats']);
            IndexJob::write(Job::query()->findOrFail($job->id));

            return $part;
        });
    }

    /**
     * What is at the gun stays as it was planned until powder is on, or off again.
     *
     * @throws Refused
     */
    public static function refuseIfSprayed(Part $part): void
    {
        $under = Spraying::open();
        $under->where('part_id', $part->id);
        if ($under->exists()) {
            throw Refused::because([
                'coats' => ucfirst($part->name).' is being sprayed; log that powder is on, or blow it off, first.',
            ]);
        }
    }

    private static function firstLot(Part $part): Batch
    {
        return Batch::query()->create([
            'part_id' => $part->id,
            'number' => 1 + (int) Batch::query()->where('part_id', $part->id)->max('number'),
            'count' => $part->count,
            'station' => Station::Intake,
            'born_at' => ShopClock::now(),
        ]);
    }

    /**
     * Pieces more or fewer than were counted: a lot that is alone takes them; else they come from, and go to, Intake.
     *
     * @throws Refused where the pieces to take away are in lots that have gone on
     */
    private function recount(Part $part, int $count): void
    {
        $more = $count - $part->count;
        $open = Batch::query()->where('part_id', $part->id)->where('status', 'open')->lockForUpdate()->get();
        $all = Batch::query()->where('part_id', $part->id)->where('status', '!=', 'joined')->count();
        $at = $all === 1 && ! $this->wasBaked($part) ? $open->first() : $open->firstWhere('station', Station::Intake);
        if ($more === 0) {
            return;
        }
        if ($more > 0 && $at === null) {
            self::firstLot($part)->update(['count' => $more]);
        } elseif ($at !== null && $at->count + $more >= 1) {
            $at->update(['count' => $at->count + $more]);
        } else {
            $there = $at === null ? 0 : $at->count - 1;
            $least = $part->count - $there;
            throw Refused::because([
                'count' => "How many is {$count}; allowed: {$least} and more, the others have gone on in their lots. "
                    .'Pieces that were lost are scrapped from their lot.',
            ]);
        }
    }

    /**
     * A whole that came from the regions and was left as it stood follows them.
     *
     * @param  array<string, mixed>  $facts
     * @return array<string, mixed>
     */
    private function untouched(?Part $part, array $facts): array
    {
        if ($part !== null && $part->sections()->exists()) {
            foreach (['mass_kg', 'area_m2'] as $field) {
                if ($facts[$field] !== null && abs($facts[$field] - $part->{$field}) <= 1e-3 * $facts[$field]) {
                    $facts[$field] = null;
                }
            }
        }

        return $facts;
    }

    /**
     * Mass and area of one, each null until it is known: by its regions, as typed, or from the mean wall.
     *
     * @param  array<string, mixed>  $facts
     * @return array{?float, ?float}
     *
     * @throws Refused where regions and whole contradict each other
     */
    private function massAndArea(array $facts): array
    {
        if ($facts['sections'] !== []) {
            return [$this->ofRegions($facts, 'mass_kg', 'Mass'), $this->ofRegions($facts, 'area_m2', 'Area')];
        }
        $area =
            $facts['area_m2'] ??
            ($facts['wall_mm'] === null || $facts['mass_kg'] === null
                ? null
                : MetalCatalog::get($facts['metal'])->areaFromWall($facts['mass_kg'], $facts['wall_mm'])
                    * (($facts['outside_only'] ?? false) ? 0.5 : 1));
        if ($area > 2000) {
            throw Refused::because([
                'wall_mm' => sprintf(
                    'Mean wall makes the area %.0f m²; allowed: a wall that gives at most 2000 m².',
                    $area,
                ),
            ]);
        }

        return [$facts['mass_kg'], $area];
    }

    /**
     * What the regions come to; refused where the whole is typed as well and says something else.
     *
     * @param  array<string, mixed>  $facts
     */
    private function ofRegions(array $facts, string $field, string $label): float
    {
        $sum = (float) array_sum(array_column($facts['sections'], $field));
        $typed = $facts[$field];
        if ($typed !== null && abs($typed - $sum) > self::REGIONS_OFF * $typed) {
            $dimension = $field === 'mass_kg' ? Dimension::Mass : Dimension::Area;
            $units = Units::current();
            throw Refused::because([
                $field => "{$label} of one is {$units->show($dimension, $typed)} and its regions come to "
                    ."{$units->show($dimension, $sum)}; allowed: within ".(100 * self::REGIONS_OFF)
                    .' % of each other. Mend one of them, or leave it empty to take the sum.',
            ]);
        }

        return $typed ?? $sum;
    }

    /** @param  array<string, mixed>  $facts */
    private function refuseIfBaked(Part $part, array $facts): void
    {
        if (! $this->wasBaked($part)) {
            return;
        }
        $sections = $part->sections
            ->map(fn ($s): array => [$s->name, round($s->mass_kg, 6), round($s->area_m2, 6)])
            ->sort()
            ->values()
            ->all();
        $given = array_map(
            fn (array $s): array => [$s['name'], round($s['mass_kg'], 6), round($s['area_m2'], 6)],
            $facts['sections'],
        );
        sort($given);
        if ($sections !== $given || self::joint($facts['joint'] ?? []) !== self::joint($part->getAttributes())) {
            throw Refused::because([
                'sections' => 'The sections and how they hang together cannot change once the part has been in an '
                    .'oven: its record stands on them.',
            ]);
        }
    }

    /**
     * How regions hang together, as it is compared: silent is one casting.
     *
     * @param  array<string, mixed>  $of
     */
    private static function joint(array $of): string
    {
        $mm = fn (string $key): string => number_format((float) ($of[$key] ?? 0), 6);

        return implode(' ', [
            $of['joint'] ?? Joint::Casting->value,
            (int) ($of['joint_many'] ?? 0),
            $mm('joint_thick_mm'),
            $mm('joint_long_mm'),
        ]);
    }

    private function wasBaked(Part $part): bool
    {
        return OvenLoadItem::query()
            ->whereHas('ovenLoad', fn ($load) => $load->where('status', '!=', 'withdrawn'))
            ->where('part_id', $part->id)
            ->exists();
    }

    /** @param  list<array{name: string, mass_kg: float, area_m2: float}>  $sections */
    private function writeSections(Part $part, array $sections): void
    {
        if ($this->wasBaked($part)) {
            return;
        }
        $gone = $part->sections()->get()->keyBy('name');
        foreach ($sections as $section) {
            $stood = $gone->get($section['name']);
            if ($stood instanceof Section && $stood->isAs($section['mass_kg'], $section['area_m2'])) {
                $gone->forget($section['name']);

                continue;
            }
            $stood?->supersede(...self::now());
            $part->sections()->create($section);
        }
        foreach ($gone as $section) {
            if ($section->superseded_at === null) {
                $section->supersede(...self::now());
            }
        }
    }

    /** @param  list<array{role: string, powder_id: int, bake_to: string, zone?: ?string, share?: float}>  $coats */
    private function writeCoats(Part $part, array $coats): void
    {
        $kept = $part->coats()->get()->keyBy('position');
        foreach ($coats as $i => $coat) {
            $existing = $kept->pull($i + 1);
            if ($existing === null) {
                $part->coats()->create($coat + ['position' => $i + 1]);
            } elseif (
                $this->hung($existing) &&
                ($existing->powder_id !== $coat['powder_id'] || $existing->role !== $coat['role'])
            ) {
                throw Refused::because([
                    "coats.{$i}.powder_id" => "Coat {$existing->position} has been in an oven and stays as it is; "
                        .'add a coat instead.',
                ]);
            } else {
                $existing->update($coat);
            }
        }
        foreach ($kept as $gone) {
            if ($this->hung($gone)) {
                throw Refused::because([
                    'coats' => "Coat {$gone->position} has been in an oven and cannot be taken away.",
                ]);
            }
            $gone->supersede(...self::now());
        }
    }

    /** @return array{?int, CarbonImmutable} by whom, when */
    private static function now(): array
    {
        return [Auth::user()?->getAuthIdentifier(), ShopClock::now()];
    }

    private function hung(Coat $coat): bool
    {
        return OvenLoadItem::query()->where('coat_id', $coat->id)->exists();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Word\Lives;
use Aenum\Core\Word\Station;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

/** What hangs at a bench, and which part is in hand: the one asked for, or the most pressing. */
final readonly class BenchPick
{
    private const NEEDS = [
        'customer',
        'moves.user',
        'parts.coats.powder.rows',
        'parts.signatures',
        'parts.pins.fittings.mask',
        'parts.clocks',
        'parts.sections',
        'parts.pictures',
        'parts.traits',
        'parts.steps',
        'parts.rack',
    ];

    /** @param  Collection<int, Job>  $jobs */
    private function __construct(public Station $station, public Collection $jobs, public ?Part $part)
    {
    }

    /** The part in hand goes to the sea: salt in the air shortens its clocks. */
    public function isByTheSea(): bool
    {
        return $this->part?->job->lives === Lives::Coast->value;
    }

    public function isInHand(Part $part): bool
    {
        return $this->part?->id === $part->id;
    }

    /**
     * Parts hanging here that are not among these.
     *
     * @param  \Illuminate\Support\Collection<int, int>  $ids
     * @return \Illuminate\Support\Collection<int, Part>
     */
    public function partsNotIn(\Illuminate\Support\Collection $ids): \Illuminate\Support\Collection
    {
        return $this->jobs
            ->toBase()
            ->flatMap(fn (Job $job): array => $job->parts->all())
            ->reject(fn (Part $part): bool => $ids->contains($part->id))
            ->values();
    }

    public static function at(Station $station, Request $request): self
    {
        $jobs = Job::hanging()->where('station', $station)->with(self::NEEDS)->get();
        $jobs->each(fn (Job $job) => $job->parts->each(fn (Part $part) => $part->setRelation('job', $job)));
        $parts = $jobs->flatMap(fn (Job $job) => $job->parts);
        $asked = (int) $request->integer('part', (int) session()->getOldInput('part_id', 0));

        return new self($station, $jobs, $parts->firstWhere('id', $asked) ?? $parts->first());
    }
}

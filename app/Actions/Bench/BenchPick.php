<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Word\Station;
use App\Actions\Lot\LotWalk;
use App\Actions\Route\PartRoute;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Part;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Collection as Rows;

/** What hangs at a bench, and which lot is in hand: the one asked for, or the most pressing. */
final readonly class BenchPick
{
    private const NEEDS = ['part.job.customer', 'part.lots', 'clocks'];

    private const IN_HAND = [
        'marks.user',
        'part.job.moves.user',
        'part.coats.powder.rows',
        'part.coats.results',
        'part.coats.inspections.user',
        'part.signatures',
        'part.pins.fittings.mask',
        'part.clocks',
        'part.sections',
        'part.pictures',
        'part.traits',
        'part.steps',
        'part.rack',
        'part.ways',
        'part.bags',
    ];

    /** More lots than this fold: the ones beyond are opened on demand. */
    public const FOLD = 12;

    /** @param  Collection<int, Lot>  $lots */
    private function __construct(
        public Station $station,
        public Collection $lots,
        public ?Lot $lot,
        public ?Part $part,
        public ?PartRoute $route,
        public ?LotWalk $walk,
    ) {
    }

    /** Salt in the shop's air shortens the clocks on bare steel. */
    public function isByTheSea(): bool
    {
        return Shop::current()->by_the_sea;
    }

    public function isInHand(Lot $lot): bool
    {
        return $this->lot?->id === $lot->id;
    }

    /**
     * Lots hanging here that are not among these.
     *
     * @param  Rows<int, int>  $ids
     * @return Rows<int, Lot>
     */
    public function lotsNotIn(Rows $ids): Rows
    {
        return $this->lots->toBase()->reject(fn (Lot $lot): bool => $ids->contains($lot->id))->values();
    }

    /** @return Rows<int, Rows<int, Lot>> what hangs here, job by job, the most pressing first */
    public function byJob(): Rows
    {
        return $this->lots->toBase()->groupBy(fn (Lot $lot): int => $lot->part->job_id)->values();
    }

    public static function at(Station $station, Request $request): self
    {
        $lots = Lot::hanging()->where('lots.station', $station)->with(self::NEEDS)->get();
        $lots->each(fn (Lot $lot) => $lot->part->knit());
        $asked = (int) $request->integer('lot', (int) session()->getOldInput('lot_id', 0));
        $ofPart = (int) $request->integer('part');
        $lot = $lots->firstWhere('id', $asked) ?? $lots->firstWhere('part_id', $ofPart) ?? $lots->first();
        $lot?->load(self::IN_HAND);
        $lot?->part->knit();
        $route = $lot === null ? null : PartRoute::of($lot->part, $lot);

        return new self(
            $station,
            $lots,
            $lot,
            $lot?->part,
            $route,
            $lot === null ? null : LotWalk::of($lot, $route),
        );
    }

    /** @return Collection<int, Job> open jobs without parts: they wait at Intake to be written down */
    public static function empty(): Collection
    {
        $jobs = Job::query()->where('status', 'open')->whereDoesntHave('parts')->with(['customer', 'parts']);

        return $jobs->orderBy('number')->get();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Word\Station;
use App\Actions\Lot\LotWalk;
use App\Models\Coat;
use App\Models\Lot;
use App\Support\Units;
use Illuminate\Support\Collection;

/** A lot at Cure: what of it may go into an oven, and where it goes when nothing may. */
final readonly class WaitingLot
{
    private function __construct(
        public Lot $lot,
        public ?Coat $coat,
        /** Pieces in no load yet. */
        public int $free,
        /** Why it cannot hang; null where it can. */
        public ?string $why,
        /** What is so of the coat already, where it goes back in. */
        public ?string $film,
        public LotWalk $walk,
    ) {
    }

    /** @return Collection<int, self> the most pressing first */
    public static function all(): Collection
    {
        $lots = Lot::hanging()->where('lots.station', Station::Cure)->with([
            'marks.user',
            'clocks',
            'part.lots',
            'part.job.customer',
            'part.coats.powder.rows',
            'part.coats.results',
            'part.coats.inspections',
            'part.signatures',
            'part.pins',
            'part.traits',
            'part.steps',
            'part.rack',
            'part.ways',
        ])->get();
        $hanging = HangLoad::hanging();

        return $lots->toBase()->map(fn (Lot $lot): self => self::of($lot, (int) ($hanging[$lot->id] ?? 0)));
    }

    private static function of(Lot $lot, int $hung): self
    {
        $lot->part->knit();
        $walk = LotWalk::of($lot);
        $coat = $walk->coatDue();
        $standing = $coat === null ? null : $walk->standings[$coat->position];
        $why = match (true) {
            $coat === null => 'no bake is due, '.self::done($walk),
            ! $walk->isCoated($coat) => "{$coat->role} {$coat->powder->name} is not logged as on; log it at Coat",
            default => null,
        };

        return new self(
            $lot,
            $coat,
            $lot->count - $hung,
            $why,
            $standing?->goesBackIn() === true ? Units::current()->said($standing->words()).', goes back in' : null,
            $walk,
        );
    }

    private static function done(LotWalk $walk): string
    {
        $words = array_map(fn ($one): string => Units::current()->said($one->words()), $walk->standings);

        return $words === [] ? 'no coat is planned' : implode('; ', $words);
    }

    public function hangs(): bool
    {
        return $this->why === null && $this->free > 0;
    }

    public function inALoad(): bool
    {
        return $this->free <= 0;
    }
}

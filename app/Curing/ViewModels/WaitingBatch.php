<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Trade\Station;
use App\Curing\Commands\LoadCure;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Presentation\Units;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** A batch at Cure: which of its coats may go into an oven, and where it goes if none may. */
final readonly class WaitingBatch
{
    private function __construct(
        public Batch $batch,
        public ?Coat $coat,
        /** Pieces in no load yet. */
        public int $free,
        /** Why it cannot hang; null where it can. */
        public ?string $why,
        /** What is so of the coat already, where it goes back in. */
        public ?string $film,
        public RoutingProgress $walk,
    ) {
    }

    /** @return Collection<int, self> the most pressing first */
    public static function all(): Collection
    {
        $batches = Batch::hanging()->where('batches.station', Station::Cure)->get();
        $batches->loadMissing('part.job.customer', 'clocks');
        BatchSnapshot::ofBatches($batches);
        $hanging = LoadCure::hanging();

        return $batches->toBase()->map(fn (Batch $batch): self => self::of($batch, (int) ($hanging[$batch->id] ?? 0)));
    }

    private static function of(Batch $batch, int $hung): self
    {
        $batch->part->knit();
        $walk = RoutingProgress::of($batch);
        $coat = $walk->coatDue();
        $standing = $coat === null ? null : $walk->standings[$coat->position];
        $why = match (true) {
            $coat === null => 'no bake is due, '.self::done($walk),
            ! $walk->isCoated($coat) => "{$coat->role} {$coat->powder->name} is not logged as on; log it at Coat",
            default => null,
        };

        return new self(
            $batch,
            $coat,
            $batch->count - $hung,
            $why,
            $standing?->goesBackIn() === true ? Units::current()->said($standing->words()).', goes back in' : null,
            $walk,
        );
    }

    private static function done(RoutingProgress $walk): string
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

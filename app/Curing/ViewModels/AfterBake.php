<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Trade\Station;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Batch;
use App\Routing\Queries\RoutingProgress;

/** Where a batch goes from the oven, and why. */
final readonly class AfterBake
{
    private function __construct(public Batch $batch, public ?Station $to, public string $says)
    {
    }

    /** @return list<self> one for each batch that is out, with the load or before it */
    public static function of(OvenLoad $load): array
    {
        $load->loadMissing(['items.batch.part.job', 'items.batch.part.batches']);

        return array_values($load->items
            ->filter(fn (OvenLoadItem $item): bool => $load->isPulled() || $item->out_at !== null)
            ->map(fn (OvenLoadItem $item): ?self => $item->batch === null ? null : self::ofLot($item->batch))
            ->filter()->all());
    }

    /** Where a lot at Cure goes; of one that has moved on or is closed, where it is. */
    public static function ofLot(Batch $batch): self
    {
        $batch->part->knit();
        if (! $batch->isOpen() || $batch->station !== Station::Cure) {
            return new self(
                $batch,
                null,
                $batch->isOpen() ? "hangs at {$batch->station->label()}." : "{$batch->status}.",
            );
        }
        $walk = RoutingProgress::of($batch);
        $due = $walk->coatDue();
        if ($due !== null && $walk->standings[$due->position]->goesBackIn()) {
            return new self($batch, null, "{$due->role} is not done; it goes back in.");
        }
        if ($due !== null && $walk->isCoated($due)) {
            return new self($batch, null, "{$due->role} still waits for the oven.");
        }
        $over = array_filter($walk->standings, fn ($one): bool => $one->isOverbaked());
        $to = $walk->nextStation();

        return new self($batch, $to, match (true) {
            $over !== [] => 'over-baked: no bake mends that. Look at it, and strip it or agree on it.',
            $due !== null => "next is the {$due->role}.",
            default => 'every coat is done; inspect it when it is cool.',
        });
    }
}

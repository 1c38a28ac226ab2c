<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Word\Station;
use App\Actions\Lot\LotWalk;
use App\Models\Lot;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;

/** Where a lot goes from the oven, and why. */
final readonly class AfterBake
{
    private function __construct(public Lot $lot, public ?Station $to, public string $says)
    {
    }

    /** @return list<self> one for each batch that is out, with the load or before it */
    public static function of(OvenLoad $load): array
    {
        $load->loadMissing(['items.lot.part.job', 'items.lot.part.lots']);

        return array_values($load->items
            ->filter(fn (OvenLoadItem $item): bool => $load->isPulled() || $item->out_at !== null)
            ->map(fn (OvenLoadItem $item): ?self => $item->lot === null ? null : self::ofLot($item->lot))
            ->filter()->all());
    }

    /** Where a lot at Cure goes; of one that has moved on or is closed, where it is. */
    public static function ofLot(Lot $lot): self
    {
        $lot->part->knit();
        if (! $lot->isOpen() || $lot->station !== Station::Cure) {
            return new self($lot, null, $lot->isOpen() ? "hangs at {$lot->station->label()}." : "{$lot->fate}.");
        }
        $walk = LotWalk::of($lot);
        $due = $walk->coatDue();
        if ($due !== null && $walk->standings[$due->position]->goesBackIn()) {
            return new self($lot, null, "{$due->role} is not done; it goes back in.");
        }
        if ($due !== null && $walk->isCoated($due)) {
            return new self($lot, null, "{$due->role} still waits for the oven.");
        }
        $over = array_filter($walk->standings, fn ($one): bool => $one->isOverbaked());
        $to = $walk->nextStation();

        return new self($lot, $to, match (true) {
            $over !== [] => 'over-baked: no bake mends that. Look at it, and strip it or agree on it.',
            $due !== null => "next is the {$due->role}.",
            default => 'every coat is done; inspect it when it is cool.',
        });
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** One of the bakes a load is parted into. */
final readonly class SplitBake
{
    /**
     * @param  list<int>  $items  positions in the load
     * @param  BakePlan  $plan  not feasible where an item cannot be baked in this oven at all
     * @param  int|null  $piecesAtATime  where all of them at once is too much
     */
    public function __construct(public array $items, public BakePlan $plan, public ?int $piecesAtATime)
    {
    }
}

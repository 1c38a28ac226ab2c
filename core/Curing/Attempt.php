<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Trajectory;

/** One setpoint followed until every item was done, or until it was clear that it would not do. */
final readonly class Attempt
{
    /** @param  list<ItemWatch>  $watches one for each item, as they stood at the pull */
    public function __construct(
        public float $setpointC,
        public Outcome $outcome,
        public float $pullS,
        /** The item that decides: the last to be done, or one that never was. */
        public int $last,
        public array $watches,
        public Trajectory $trajectory,
        private BakeRules $rules,
    ) {
    }

    /** Whether everything is done and nothing is hurt. */
    public function serves(): bool
    {
        return $this->outcome === Outcome::Serves;
    }

    /** The item with the most over-bake, by its place in the load. */
    public function mostHurt(): int
    {
        $excess = array_map(fn (ItemWatch $watch): float => $watch->excess($this->rules), $this->watches);

        return (int) array_search(max(0.0, ...$excess), $excess, true);
    }

    /** Over-bake past the limit, as a share; 0 or less where nothing is hurt. */
    public function excess(): float
    {
        return $this->watches[$this->mostHurt()]->excess($this->rules);
    }

    /** Temperature of an item's core at the pull, °C. */
    public function coreAtEndC(int $item): float
    {
        return $this->trajectory->coreC($item, $this->trajectory->endS());
    }
}

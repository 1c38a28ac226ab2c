<?php

declare(strict_types=1);

namespace Aenum\Core\Plan;

use Aenum\Core\Job\Step;
use Aenum\Core\Job\Walk;

/** Steps of a route that follow each other at one bench, while they are put together. */
final class WorkBlock
{
    /** Least minutes until the next block; and most. */
    public float $wait = 0.0;

    public float $most = INF;

    /**
     * @param  list<int>  $positions  on the route; none where it only holds a wait or a window that runs already
     * @param  list<string>  $on
     */
    public function __construct(
        public array $positions,
        public readonly array $on,
        public float $minutes = 0.0,
        public float $hands = 0.0,
        public readonly ?string $who = null,
        public readonly ?string $colour = null,
        public readonly ?string $family = null,
        public readonly float $room = 0.0,
    ) {
    }

    /** The step it begins with; null where it has none. */
    public function firstOn(Walk $walk): ?Step
    {
        return $this->positions === [] ? null : $walk->steps[$this->positions[0]];
    }

    /** The same as a day takes it. */
    public function step(Walk $walk, bool $isLast): DayStep
    {
        return DayStep::of(
            $this->positions === [] ? LotWork::SINCE : $walk->keys[$this->positions[0]]->text(),
            $this->on,
            $this->minutes,
            $this->hands,
            $this->who,
            $this->wait,
            $isLast || $this->most === INF ? null : $this->most,
            $this->colour,
            $this->family,
            $this->room,
        );
    }
}

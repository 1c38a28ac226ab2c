<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepProgress;

/** Steps of a route that follow each other at one bench, while they are put together. */
final class WorkBlock
{
    /** So long hands work at one thing, min; what takes longer is planned in parts. House figure. */
    public const AT_A_STRETCH_MIN = 180.0;

    /** Least minutes until the next block; and most. */
    public float $wait = 0.0;

    public float $most = INF;

    /** @var array<string, float> means that are held in it */
    public array $takes = [];

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
    public function firstOn(StepProgress $walk): ?Step
    {
        return $this->positions === [] ? null : $walk->steps[$this->positions[0]];
    }

    /**
     * The same as a day takes it: what hands cannot do at a stretch is done in parts.
     *
     * @return non-empty-list<DayStep>
     */
    public function steps(StepProgress $walk, bool $isLast): array
    {
        $key = $this->positions === [] ? BatchWork::SINCE : $walk->keys[$this->positions[0]]->text();
        $isHands = $this->minutes <= $this->hands;
        $parts = $isHands ? max(1, (int) ceil($this->minutes / self::AT_A_STRETCH_MIN)) : 1;
        $steps = [];
        for ($n = 1; $n <= $parts; $n++) {
            $ends = $n === $parts;
            $steps[] = DayStep::of(
                $n === 1 ? $key : "{$key}/{$n}",
                $this->on,
                $this->minutes / $parts,
                $this->hands / $parts,
                $this->who,
                $ends ? $this->wait : 0.0,
                ! $ends || $isLast || $this->most === INF ? null : $this->most,
                $this->colour,
                $this->family,
                $this->room,
                $this->takes,
            );
        }

        return $steps;
    }
}

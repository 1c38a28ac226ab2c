<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A step that stands elsewhere than in the plan before. */
final readonly class MovedStep
{
    /** A step that begins so many minutes earlier or later stands where it stood. */
    public const STILL_MIN = 5.0;

    public function __construct(public PlacedStep $was, public PlacedStep $is)
    {
    }

    /** The two beside each other; null where nobody would notice. */
    public static function between(PlacedStep $was, PlacedStep $is): ?self
    {
        return $was->on === $is->on && $was->who === $is->who
            && abs($was->fromMin - $is->fromMin) <= self::STILL_MIN ? null : new self($was, $is);
    }

    /** The same in a sentence. */
    public function said(): string
    {
        $said = "{$this->is->job} {$this->is->step}: from minute ".round($this->was->fromMin, 1).' to '
            .round($this->is->fromMin, 1);
        $said .= $this->was->on === $this->is->on ? '' : ", on {$this->is->on} instead of {$this->was->on}";

        return $said.($this->was->who === $this->is->who || $this->is->who === null
            ? '.'
            : ", by {$this->is->who}".($this->was->who === null ? '.' : " instead of {$this->was->who}."));
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** What a step prefers among the places it could have, beside an early end. */
final readonly class PlacementPreference
{
    /**
     * @param  float  $change  minutes of a later end that a minute less of colour change is worth
     * @param  float  $share  minutes of a later end that a minute of oven saved by a shared bake is worth
     */
    public function __construct(public float $change = 0.0, public float $share = 0.0)
    {
    }
}

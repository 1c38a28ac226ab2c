<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What somebody turned at the coat bench; null where it stays as advised. */
final readonly class CoatTurned
{
    /**
     * @param  float|null  $wantedUm  film aimed at
     * @param  float|null  $flowGPerMin  powder out of the gun
     * @param  array<string, array{kv?: float, ua?: float, air?: float, away_mm?: float, tip?: Nozzle}>  $zones  by zone
     */
    public function __construct(
        public ?Openness $openness = null,
        public ?float $wantedUm = null,
        public ?float $flowGPerMin = null,
        public ?float $handMmPerS = null,
        public ?float $overlap = null,
        public array $zones = [],
    ) {
    }
}

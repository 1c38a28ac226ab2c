<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Thermal\Trajectory;

/** What a load's chart draws: seconds of the run, °C, and labels. */
final readonly class OvenChartData
{
    /**
     * @param  string  $description  the picture in words, for those who do not see it
     * @param  list<string>  $names  of the items of the run, in their order
     * @param  array{from: float, to: float, label: string}|null  $window  the time to pull in, or the hold
     * @param  list<array{kind: string, second: float, label: string}>  $marks
     * @param  list<array{second: float, celsius: float, label: string}>  $readings
     * @param  float|null  $nowS  null unless it runs
     */
    public function __construct(
        public string $title,
        public string $description,
        public Trajectory $run,
        public array $names,
        public float $endS,
        public float $doorS,
        public float $setpointC,
        public float $lineC,
        public string $lineLabel,
        public ?array $window = null,
        public array $marks = [],
        public array $readings = [],
        public ?float $nowS = null,
    ) {
    }
}

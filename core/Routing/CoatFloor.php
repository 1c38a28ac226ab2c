<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

/** What is so at the gun when a rule is asked: the plan of the coat at hand, its powder, the part as it hangs. */
final readonly class CoatFloor
{
    /**
     * @param  float|null  $index  charge index where the film is thickest
     * @param  list<string>  $thin  recesses that stay under the band, in words
     * @param  float|null  $deepest  depth over width of the worst recess
     * @param  float|null  $thickUm  film past the band, µm; null where none is
     * @param  float  $bandUm  the most the sheet wants, µm
     * @param  float|null  $partC  part metal as measured or worked out, °C
     * @param  float|null  $softensC  of the powder
     * @param  string|null  $pastDate  lot past its date, as it is called
     * @param  float|null  $shortG  what the lot lacks to finish, g
     * @param  bool  $matches  the pieces are a set that must match
     * @param  float|null  $awayMm  a gun out of reach
     */
    public function __construct(
        public ?float $index = null,
        public array $thin = [],
        public ?float $deepest = null,
        public ?float $thickUm = null,
        public float $bandUm = 0.0,
        public ?float $partC = null,
        public ?float $softensC = null,
        public ?string $pastDate = null,
        public ?float $shortG = null,
        public bool $matches = false,
        public ?float $awayMm = null,
    ) {
    }
}

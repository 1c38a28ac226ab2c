<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** A film over all cells of a panel: how thick, how even, how much of it as it should be. */
final readonly class FilmFigures
{
    private function __construct(
        public float $meanUm,
        public float $leastUm,
        public float $mostUm,
        /** Of all cells, divided by how many there are, µm. */
        public float $deviationUm,
        /** Share of the cells within the band. */
        public float $inBand,
        public float $underBand,
        public float $overBand,
    ) {
    }

    /**
     * @param  list<float>  $filmUm  of each cell; none: all nothing
     * @param  float  $lowUm  least film wanted
     * @param  float  $highUm  most film wanted
     */
    public static function of(array $filmUm, float $lowUm, float $highUm): self
    {
        $n = max(1, count($filmUm));
        $mean = array_sum($filmUm) / $n;
        $squares = array_sum(array_map(fn (float $um): float => ($um - $mean) ** 2, $filmUm));
        $under = count(array_filter($filmUm, fn (float $um): bool => $um < $lowUm)) / $n;
        $over = count(array_filter($filmUm, fn (float $um): bool => $um > $highUm)) / $n;

        return new self(
            $mean, $filmUm === [] ? 0.0 : min($filmUm), max(0.0, ...$filmUm), sqrt($squares / $n),
            1 - $under - $over, $under, $over,
        );
    }
}

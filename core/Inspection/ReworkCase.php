<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\JobFacts;

/** Pieces with a fault: what lies on them, what would go on again, and what the shop pays for its hands and powder. */
final readonly class ReworkCase
{
    /**
     * @param  JobFacts  $facts  of the pieces that are faulty, no more; its coats are those that lie there
     * @param  list<FilmLayer>  $layers  from the metal up
     * @param  list<CoatFacts>  $stack  coats of the whole stack as it was planned, for a new start
     * @param  list<array{sg: float, price: ?float}>  $powders  of the stack
     * @param  float|null  $filmUm  measured over the whole stack; null where nobody has
     * @param  bool|null  $toMetal  somebody opened one and looked; null where nobody has
     * @param  array{hour?: float, powder_kg?: float, media_kg?: float, kwh?: float}  $prices
     */
    public function __construct(
        public DefectKind $defect,
        public JobFacts $facts,
        public array $layers,
        public array $stack,
        public array $powders,
        public ?float $filmUm,
        public ?bool $toMetal,
        public float $ambientC,
        public array $prices,
        public bool $underCured = false,
    ) {
    }

    /** Film on it: measured, else the middle of every band, µm. */
    public function filmNowUm(): float
    {
        return $this->filmUm ?? array_sum(array_map(fn (FilmLayer $one): float => $one->middleUm(), $this->layers));
    }

    /** Dirt that goes down to metal, or may for all anybody has looked. */
    public function reachesMetal(): bool
    {
        return $this->toMetal ?? $this->defect->mayReachMetal();
    }
}

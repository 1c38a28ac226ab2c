<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** Everything known of one part's job before work begins. */
final readonly class JobFacts
{
    public const WHERE = ['indoors', 'outdoors', 'coast', 'chemicals'];

    /**
     * @param  list<CoatFacts>  $coats  from the metal up
     * @param  array<string, string>  $signed  rule key => who signed
     */
    public function __construct(
        public PartFacts $part,
        public string $where,
        public array $coats,
        public ?BlastFacts $blast,
        public EquipmentFacts $equipment,
        public HouseWays $house,
        /** Relative humidity of the shop's air, per cent. */
        public float $humidityPct,
        public array $signed,
    ) {
    }

    public function outdoors(): bool
    {
        return $this->where !== 'indoors';
    }

    public function filmMicrons(): float
    {
        return array_sum(array_map(fn (CoatFacts $coat): float => $coat->filmMicrons, $this->coats));
    }
}

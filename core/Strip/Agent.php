<?php

declare(strict_types=1);

namespace Aenum\Core\Strip;

use Aenum\Core\Unit\InvalidQuantity;

/** A way of taking something off that is not blasting: a chemical family, or fire. */
final readonly class Agent
{
    /**
     * @param  array<string, array{float, float}>  $takes  what it takes off => minutes it must stay, minutes after which it has dried or bites
     * @param  array<string, string>  $never  metal => why not
     * @param  array<string, string>  $withName  metal, or hardened or heat_treated => why a name is needed
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $takes,
        public int $coats,
        /** Hands, minutes to a square metre and coat. */
        public float $minutesPerM2,
        /** Litres to a square metre and coat; 0 for fire. */
        public float $litresPerM2,
        public ?string $rinse,
        public ?string $neutralise,
        /** Minutes it must wait after that before anything else is done to it. */
        public float $waitAfter,
        public array $never,
        public array $withName,
        public string $gloves,
        public string $caution,
        public string $waste,
    ) {
    }

    public function takesOff(string $onIt): bool
    {
        return isset($this->takes[$onIt]);
    }

    /** Longest it must stay for anything of these, min. */
    public function dwell(string ...$onIt): float
    {
        return max(0.0, ...array_map(fn (string $on): float => $this->takes[$on][0] ?? 0.0, array_values($onIt)));
    }

    /** When the first of these has had too long, min. */
    public function tooLong(string ...$onIt): float
    {
        return min(INF, ...array_map(fn (string $on): float => $this->takes[$on][1] ?? INF, array_values($onIt)));
    }

    /** @throws InvalidQuantity where no agent has that key */
    public static function get(string $key): self
    {
        return AgentCatalogue::all()[$key] ?? throw InvalidQuantity::outside('agent', $key, 'one of '.implode(', ', array_keys(AgentCatalogue::all())));
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

/** What one item wants of a bake: its fresh layer flowed or cured, and the layers under it kept from over-bake. */
final readonly class Aim
{
    /** @param  list<Underlayer>  $under */
    private function __construct(
        public CureSheet $sheet,
        public bool $flowOnly,
        public array $under,
        /** What an earlier bake already gave the layer, where it goes back in. */
        public float $doseSoFar,
        public float $overbakeSoFar,
        /** It has left the oven: nothing more is waited for on its account, and nothing more spoils it. */
        public bool $gone = false,
    ) {
    }

    /** The same for an item that has left before the rest. */
    public function asGone(): self
    {
        return new self($this->sheet, $this->flowOnly, $this->under, $this->doseSoFar, $this->overbakeSoFar, true);
    }

    /** @param  list<Underlayer>  $under */
    public static function fullCure(
        CureSheet $sheet,
        array $under = [],
        float $doseSoFar = 0.0,
        float $overbakeSoFar = 0.0,
    ): self {
        return new self($sheet, false, $under, $doseSoFar, $overbakeSoFar);
    }

    /** @param  list<Underlayer>  $under */
    public static function flow(
        CureSheet $sheet,
        array $under = [],
        float $doseSoFar = 0.0,
        float $overbakeSoFar = 0.0,
    ): self {
        return new self($sheet, true, $under, $doseSoFar, $overbakeSoFar);
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** One accepted step of a run: the state and its slopes at both ends. */
final readonly class Step
{
    /**
     * @param  float  $fromS  s
     * @param  array<int, float>  $from  state, see HeatBalance
     * @param  array<int, float>  $fromSlope  K/s
     * @param  float  $toS  s
     * @param  array<int, float>  $to
     * @param  array<int, float>  $toSlope
     */
    public function __construct(
        public float $fromS,
        public array $from,
        public array $fromSlope,
        public float $toS,
        public array $to,
        public array $toSlope,
    ) {
    }

    /** How one node of the state went during the step. */
    public function course(int $node): Segment
    {
        return new Segment(
            $this->fromS,
            $this->toS,
            $this->from[$node],
            $this->to[$node],
            $this->fromSlope[$node],
            $this->toSlope[$node],
        );
    }
}

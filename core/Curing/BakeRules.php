<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** What the shop asks of every bake. */
final readonly class BakeRules
{
    /** A flowed layer stays under this dose, so that the next coat bonds to it. */
    public const FLOW_DOSE_LIMIT = 0.5;

    /** A layer that is to be part cured has at least this dose, and stays under that. House figures. */
    public const PART_DOSE = self::FLOW_DOSE_LIMIT;

    public const PART_DOSE_LIMIT = 0.9;

    /** Over-bake past this share of what the powder stands is worth a warning; past 1 it is a fault. */
    public const OVERBAKE_WARNING = 0.85;

    private function __construct(
        public TimingCriterion $way,
        public float $margin,
        public float $overbakeLimit,
        /** Second of the run at which it was seen to have flowed; null where nobody has said. */
        public ?float $flowedS = null,
    ) {
    }

    /**
     * @param  float  $margin  extra on dose and minutes, 0 to 2 (0.10 is ten per cent)
     * @param  float  $overbakeLimit  share of what the powder stands, above 0 to 10
     *
     * @throws InvalidInput
     */
    public static function of(
        TimingCriterion $way = TimingCriterion::Window,
        float $margin = 0.1,
        float $overbakeLimit = 0.85,
    ): self {
        return new self(
            $way,
            Check::between('margin', $margin, 0, 2),
            Check::above('overbake_limit', $overbakeLimit, 0, 10),
        );
    }

    /** The same rules of a load that was seen to have flowed. */
    public function flowedAt(?float $second): self
    {
        return new self($this->way, $this->margin, $this->overbakeLimit, $second);
    }

    /** The same rules with the clock counted another way. */
    public function counting(TimingCriterion $way): self
    {
        return new self($way, $this->margin, $this->overbakeLimit, $this->flowedS);
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** What one way of counting the clock asks for at a setpoint, and what the load would then be. */
final readonly class CriterionOutlook
{
    private function __construct(
        public TimingCriterion $way,
        /** Null where this way is never satisfied. */
        public ?float $minutes,
        public float $leastDose,
        public int $slowest,
        /** Null where no sheet says what its powder stands. */
        public ?float $mostOverbake,
        /** What is to be cured is not. */
        public bool $soft,
    ) {
    }

    /** What an attempt came to, counted this way. */
    public static function of(TimingCriterion $way, Attempt $attempt): self
    {
        $dose = $over = [];
        $soft = false;
        foreach ($attempt->watches as $watch) {
            $meters = $watch->meters();
            $judgement = Judgement::of($meters['core'], $meters['surface']);
            $dose[] = $judgement->dose;
            $soft = $soft || ($watch->wantsCure() && $judgement->dose < 1);
            if ($judgement->overbake !== null) {
                $over[] = $judgement->overbake;
            }
        }
        $least = $dose === [] ? 0.0 : min($dose);

        return new self(
            $way,
            $attempt->outcome === Outcome::NeverDone ? null : $attempt->pullS / 60,
            $least,
            (int) array_search($least, $dose, true),
            $over === [] ? null : max($over),
            $soft,
        );
    }
}

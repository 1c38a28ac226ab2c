<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;

/**
 * What one pot's media valve lets through by its turns, learned from pots that were timed until they ran empty: flow in
 * proportion to the turns it stands open, by least squares through the origin.
 */
final readonly class MediaValve
{
    private function __construct(public float $kgPerMinPerTurn, public int $pots)
    {
    }

    /** @param  non-empty-list<array{float, float, float}>  $pots  turns, kg in the pot, minutes until it was empty */
    public static function from(array $pots): self
    {
        $both = $squares = 0.0;
        foreach ($pots as [$turns, $kg, $minutes]) {
            $open = Check::above('turns', $turns, 0, 50);
            $both += $open * Check::above('kg', $kg, 0, 10000) / Check::above('minutes', $minutes, 0, 1440);
            $squares += $open ** 2;
        }

        return new self($both / $squares, count($pots));
    }

    /** Turns for a flow of media, kg/min, to the quarter. */
    public function turnsFor(float $kgPerMin): float
    {
        return round(4 * $kgPerMin / $this->kgPerMinPerTurn) / 4;
    }

    /** kg of media to a kg of air at so many turns, with so much air through the nozzle, kg/min. */
    public function mixture(float $turns, float $airKgPerMin): float
    {
        return $this->kgPerMinPerTurn * $turns / $airKgPerMin;
    }
}

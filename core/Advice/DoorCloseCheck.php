<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Trade\StepKind;

/**
 * What the book says of one part as the oven's door shuts on it: by what this load is computed to do, not what was
 * planned.
 */
final class DoorCloseCheck
{
    /**
     * @param  PartRouting  $route  with what stands on the part in its floor
     * @param  float  $peakC  part metal this load is computed to reach
     * @param  float  $metalMinutes  equivalent minutes at 200 °C it gives the metal
     * @param  PeakLimit|null  $sheets  how hot the powders on the part may get, of a cure
     * @param  bool  $besidePowder  a bake-out that shares the oven with a cure
     * @param  float|null  $powderKg  uncured powder in the whole load
     * @param  float|null  $solventKg  solvent that goes in with the whole load
     * @param  float  $metalMinutesLater  equivalent minutes at 200 °C of the bakes still to come
     * @param  Oven|null  $oven  it goes into; null for the one that speaks for the shop's ovens
     * @return list<Finding> those nobody has signed
     */
    public static function of(
        PartRouting $route,
        float $peakC,
        float $metalMinutes,
        ?PeakLimit $sheets = null,
        bool $besidePowder = false,
        ?float $powderKg = null,
        ?float $solventKg = null,
        float $metalMinutesLater = 0.0,
        ?Oven $oven = null,
    ): array {
        $floor = new FloorConditions(
            peakC: $peakC,
            metalMinutes: $metalMinutes,
            masks: $route->floor->masks,
            sinceAcidMin: $route->floor->sinceAcidMin,
            sheets: $sheets,
            bakedOutC: $sheets === null ? null : $route->floor->bakedOutC,
            besidePowder: $besidePowder,
            surface: $route->floor->surface,
            powderKg: $powderKg,
            solventKg: $solventKg,
            metalMinutesLater: $metalMinutesLater,
            oven: $oven,
        );
        $findings = RuleBook::judge($route->on($floor), Checkpoint::DoorShut);

        return array_values(array_filter($findings, fn (Finding $finding): bool => $finding->isOpen()));
    }

    /** A route whose bake of the bare part is as hot and as long as one is set to; with one where it has none. */
    public static function bakedOut(PartRouting $route, float $targetC, float $holdMinutes): PartRouting
    {
        $due = BakeOutTarget::kindDue($route);
        $steps = array_map(
            fn (Step $step): Step => $step->kind === $due
                ? $step->heated($targetC, $holdMinutes)
                : $step,
            $route->steps,
        );
        if (! $route->has($due)) {
            $at = $route->first(StepKind::Coat) ?? count($steps);
            $set = new Step(StepKind::BakeOut, 0, $holdMinutes, 'As set.', $targetC, $holdMinutes);
            array_splice($steps, $at, 0, [$set]);
        }

        return new PartRouting($route->facts, $steps, $route->floor);
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartHeats;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;

/** The steps a way of mending lays on the route of the pieces it is chosen for. */
final class ReworkRoute
{
    /** Sanding a square metre to a tooth, min; setting up for it. House figures, as on the route. */
    private const SAND_M2 = 6.0;

    private const SAND_SET_UP = 2.0;

    /**
     * @param  JobFacts  $facts  of the pieces, with the coats that lie on them
     * @param  list<CoatFacts>  $stack  what goes on again: the top coat, or all of them
     * @param  int  $after  coats these pieces ever had: the new ones are numbered behind them
     * @return list<Step>
     */
    public static function lay(ReworkMethod $way, DefectKind $defect, JobFacts $facts, array $stack, int $after): array
    {
        return match ($way) {
            // Its bake is open again by what was found; nothing more is laid.
            ReworkMethod::Accept, ReworkMethod::Rebake => [],
            ReworkMethod::Recoat => self::recoat($defect, $facts, $stack[count($stack) - 1], $after + 1),
            ReworkMethod::Strip => self::strip($facts, $stack, $after),
        };
    }

    /** The bake a film that is short goes back to, as a step to reckon with. */
    public static function bakeAgain(JobFacts $facts, CoatFacts $coat): Step
    {
        $wait = (new PartHeats($facts))->up($coat->bakeC) + $coat->bakeMinutes;

        return new Step(StepKind::Bake, 3, $wait, 'Back to full cure.', $coat->bakeC, $coat->bakeMinutes);
    }

    /** @return list<Step> */
    private static function recoat(DefectKind $defect, JobFacts $facts, CoatFacts $coat, int $number): array
    {
        $area = $facts->part->areaOfAllM2() * $coat->share;
        $heats = new PartHeats($facts);
        $sand = self::SAND_SET_UP + self::SAND_M2 * $area;
        $spray = RouteTimes::COAT_SET_UP + 60 * $area / RouteTimes::COAT_M2_PER_H;
        $bake = $heats->up($coat->bakeC) + $coat->bakeMinutes;

        return [
            new Step(StepKind::Abrade, $sand, 0, "{$defect->label()}: sanded out, and the rest to a tooth.",
                coat: $number),
            new Step(StepKind::SolventWipe, 2 + 2 * $area, RouteTimes::FLASH_OFF, 'No sanding dust under the coat.'),
            new Step(StepKind::Coat, $spray, 0, 'Over a cured film: low voltage, few microamps.', coat: $number),
            new Step(StepKind::Bake, 3, $bake, 'Counted from the metal; the cure bench works it out.', $coat->bakeC,
                $coat->bakeMinutes, $number),
            new Step(StepKind::Cool, 0, $heats->down($coat->bakeC), 'To handle.'),
        ];
    }

    /**
     * @param  list<CoatFacts>  $stack
     * @return list<Step>
     */
    private static function strip(JobFacts $facts, array $stack, int $after): array
    {
        $coated = $facts->of($facts->part->carrying([ArrivalCondition::OldPowder]), $stack);
        $isWork = fn (Step $step): bool => $step->kind->station()->isAfter(Station::Intake)
            && Station::Inspect->isAfter($step->kind->station());

        return array_values(array_map(
            fn (Step $step): Step => $step->coat === null ? $step : $step->ofCoat($step->coat + $after),
            array_filter(RoutePlanner::lay($coated), $isWork),
        ));
    }
}

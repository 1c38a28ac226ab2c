<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Trade\StepKind;

/** Which step raises dust or fume out of an old film: blasting, grinding, wire brushing, burning, dry sanding. */
final class OldFilm
{
    /** Steps that work on whatever is on the metal; what a stripper left in the pores comes off with them. */
    private const ALWAYS = [
        StepKind::Blast, StepKind::SweepBlast, StepKind::HandAbrade, StepKind::BreakEdges, StepKind::BurnOff,
    ];

    /** Sanding later on, which meets the old film only where it was left under the powder. */
    private const WHERE_LEFT = [StepKind::Abrade, StepKind::ZoneSand, StepKind::BareAfter];

    /** Returns the first such step; null where none of the plan's steps disturbs an old film. */
    public static function disturbedBy(PartRouting $plan): ?Step
    {
        foreach ($plan->steps as $n => $step) {
            $later = in_array($step->kind, self::WHERE_LEFT, true)
                && SurfaceLedger::before($plan, $n)->films() !== [];
            if ($later || in_array($step->kind, self::ALWAYS, true)) {
                return $step;
            }
        }

        return null;
    }
}

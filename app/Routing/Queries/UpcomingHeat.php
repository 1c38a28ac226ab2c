<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Trade\StepKind;
use App\Intake\Models\Batch;

/** Heat the remaining bakes will give a metal that ages. */
final class UpcomingHeat
{
    /**
     * Returns equivalent minutes at 200 °C of every open bake but the one at hand; 0 for metal that does not age.
     *
     * @param  int|null  $coat  whose cure is at hand; null for a bake of the bare part
     */
    public static function after(Batch $batch, ?int $coat): float
    {
        $walk = RoutingProgress::of($batch);
        if (! $walk->route->facts->part->losesStrength()) {
            return 0.0;
        }
        $bare = [StepKind::BakeOut, StepKind::ReliefBake];
        $atHand = $coat === null
            ? $walk->walk->firstOpen(null, ...$bare)
            : $walk->walk->firstOpen($coat, StepKind::Bake);
        $holds = [];
        foreach ($walk->walk->steps as $n => $step) {
            if ($n !== $atHand && $step->kind->heats() && $step->celsius !== null && $walk->walk->isOpen($n)) {
                $holds[] = [$step->celsius, $step->holdMinutes ?? 0.0];
            }
        }

        return MetalAging::planned(0.0, $holds);
    }
}

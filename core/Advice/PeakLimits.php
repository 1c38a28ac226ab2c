<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Preparation\Masking\MaskMaterial;
use Aenum\Core\Routing\MaskOn;

/**
 * How hot a part may get in an oven for what it is and what is on it: by the limits that stop a bake. What is only
 * warned of or signed for does not count here.
 */
final class PeakLimits
{
    /**
     * @param  list<MaskOn>  $masks  that are on it
     * @return PeakLimit|null null where nothing of it stops at any heat
     */
    public static function of(Metal $metal, array $masks): ?PeakLimit
    {
        $stop = $metal->bakeStopC;
        $limits = [$stop === null ? null : new PeakLimit($stop, "its metal, {$metal->word()}")];
        foreach ($masks as $mask) {
            if ($mask->ratedC !== null) {
                $limits[] = new PeakLimit(
                    $mask->ratedC - MaskMaterial::MARGIN_K,
                    "the {$mask->name} on pin {$mask->pin}",
                );
            }
        }

        return PeakLimit::least(...$limits);
    }
}

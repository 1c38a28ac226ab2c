<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LightAlloyHeat implements Rule
{
    public function key(): string
    {
        return 'light-alloy-heat';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function reason(): string
    {
        return 'Heat-treated light alloy loses strength with time at temperature.';
    }

    public function wayOut(): string
    {
        return 'Fewer or cooler bakes; ask the maker for the limit.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $minutes = MetalAgeing::planned($part->metalMinutesSoFar, $plan->heats());

        return $part->isLightAlloy() && $part->heatTreated && $minutes > MetalAgeing::WARN_MINUTES && $minutes <= MetalAgeing::SIGN_MINUTES
            ? sprintf('%s would have %.0f equivalent minutes at 200 °C', $part->name, $minutes)
            : null;
    }
}

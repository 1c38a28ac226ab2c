<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LightAlloyHeat extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-alloy-heat', Group::Metal, Severity::Warn,
            'Heat-treated light alloy loses strength with time at temperature.',
            'Fewer or cooler bakes; ask the maker for the limit.',
        );
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

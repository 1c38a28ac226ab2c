<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LightAlloyHeatMuch extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-alloy-heat-much', Group::Metal, Severity::Sign,
            'Heat-treated light alloy loses strength with time at temperature; past two hours\' worth the maker must agree.',
            'Fewer or cooler bakes, or the maker\'s limit in writing.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $minutes = MetalAgeing::planned($part->metalMinutesSoFar, $plan->heats());

        return $part->isLightAlloy() && $part->heatTreated && $minutes > MetalAgeing::SIGN_MINUTES
            ? sprintf('%s would have %.0f equivalent minutes at 200 °C', $part->name, $minutes)
            : null;
    }
}

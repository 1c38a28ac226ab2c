<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Mask\MaskCatalogue;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PlugRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plug-rating', Group::Order, Severity::Stop,
            'Silicone plugs past their rating char and fuse to the part.',
            'Plug after the hot bake, or bake cooler.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $hottest = $plan->hottestAfter(StepKind::PlugMask);
        $rated = MaskCatalogue::ratedC('silicone_plug');

        return $hottest !== null && $hottest > $rated
            ? sprintf('silicone plugs are rated %.0f °C and sit through %.0f °C', $rated, $hottest)
            : null;
    }
}

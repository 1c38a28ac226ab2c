<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Mask\MaskCatalogue;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class MaskRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'mask-rating', Group::Order, Severity::Stop,
            'Masking that cannot stand the bake burns on, and lets powder in.',
            'A mask rated for the hottest bake it sits through.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $with = $plan->facts->house->way('mask_with');
        $rated = MaskCatalogue::ratedC($with);
        $hottest = $plan->hottestAfter(StepKind::TapeMask);

        return $rated !== null && $hottest !== null && $hottest > $rated
            ? sprintf('%s is rated %.0f °C and sits through %.0f °C', str_replace('_', ' ', $with), $rated, $hottest)
            : null;
    }
}

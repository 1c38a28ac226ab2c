<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\StepKind;

final class StampedPlate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'stamped-plate',
            Group::Metal,
            Severity::Warn,
            'A stamped plate that is blasted away or coated over cannot be read by an inspector.',
            'Mask the plate.',
            self::PRACTICE,
            [Moment::Route, Moment::MaskAndHang],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $masked = $plan->has(StepKind::PlugMask, StepKind::TapeMask);

        return $part->has(Feature::StampedPlate) && ! $masked
            ? "{$part->name} has a stamped plate and no masking is planned"
            : null;
    }
}

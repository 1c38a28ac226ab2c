<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class StampedPlate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'stamped-plate', Group::Metal, Severity::Warn,
            'A stamped plate that is blasted away or coated over cannot be read by an inspector.',
            'Mask the plate.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('stamped_plate') && ! $plan->has(StepKind::PlugMask, StepKind::TapeMask)
            ? "{$part->name} has a stamped plate and no masking is planned"
            : null;
    }
}

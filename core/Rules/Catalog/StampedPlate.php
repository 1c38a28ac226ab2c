<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::MaskAndHang],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $masked = $plan->has(StepKind::PlugMask, StepKind::TapeMask);

        return $part->has(Feature::StampedPlate) && ! $masked
            ? "{$part->name} has a stamped plate and no masking is planned"
            : null;
    }
}

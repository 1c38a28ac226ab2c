<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StepKind;

/** A vented hollow that is about to be plugged or taped. */
final class VentStaysOpen extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'vent-stays-open',
            Group::Metal,
            Severity::Note,
            'Plugs and tape can close the very holes a hollow breathes through.',
            'Leave the vent open, or plug it with a vented plug.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::MaskAndHang],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $masked = $plan->has(StepKind::PlugMask, StepKind::TapeMask) || $plan->floor->masks !== [];

        return $part->has(Feature::SealedHollow) && $part->is(PartFlag::Vented) && $masked
            && ! $part->is(PartFlag::PlugsCloseHollow)
            ? "{$part->name} has a vented hollow, and it is masked"
            : null;
    }
}

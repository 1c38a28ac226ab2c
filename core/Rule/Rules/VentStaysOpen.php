<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route, Moment::MaskAndHang],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $masked = $plan->has(StepKind::PlugMask, StepKind::TapeMask) || $plan->floor->masks !== [];

        return $part->has(Feature::SealedHollow) && $part->is(Mark::Vented) && $masked
            && ! $part->is(Mark::PlugsCloseHollow)
            ? "{$part->name} has a vented hollow, and it is masked"
            : null;
    }
}

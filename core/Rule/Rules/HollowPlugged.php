<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\StepKind;

final class HollowPlugged extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'hollow-plugged',
            Group::Metal,
            Severity::Stop,
            'Plugging every opening of a hollow makes it a sealed vessel again.',
            'Leave one opening free, or plug it with a vented plug.',
            self::PRACTICE,
            [Moment::Route, Moment::MaskAndHang, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $plugged = $plan->has(StepKind::PlugMask) || $plan->floor->masks !== [];

        return $part->is(Mark::PlugsCloseHollow) && $plugged
            ? "plugs would close every opening of the hollow in {$part->name}"
            : null;
    }
}

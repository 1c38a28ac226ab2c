<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::MaskAndHang, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $plugged = $plan->has(StepKind::PlugMask) || $plan->floor->masks !== [];

        return $part->is(PartFlag::PlugsCloseHollow) && $plugged
            ? "plugs would close every opening of the hollow in {$part->name}"
            : null;
    }
}

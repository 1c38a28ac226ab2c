<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Facts\EquipmentFacts;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class FitsDoor extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'fits-door', Group::Equipment, Severity::Stop,
            'What does not go into the oven door cannot be done here.',
            'Take it apart, or send it elsewhere.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $room = $plan->facts->equipment->doorMm;

        return $part->boxMm !== null && $room !== null && ! EquipmentFacts::fits($part->boxMm, $room)
            ? sprintf('%s is %s mm, the oven door is %s mm', $part->name, implode(' × ', $part->boxMm), implode(' × ', $room))
            : null;
    }
}

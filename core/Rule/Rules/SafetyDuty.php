<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Duty;

final class SafetyDuty extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'safety-duty',
            Group::Metal,
            Severity::Sign,
            'Whether a part people\'s safety hangs on may be blasted and baked is for a licensed person to decide.',
            'A licensed person signs, or decline.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->duty === Duty::None ? null : "{$part->name} is {$part->duty->label()} gear";
    }
}

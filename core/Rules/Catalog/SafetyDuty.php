<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\SafetyRole;

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
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->duty === SafetyRole::None ? null : "{$part->name} is {$part->duty->label()} gear";
    }
}

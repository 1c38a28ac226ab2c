<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GroundBad extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-bad', Group::Equipment, Severity::Stop,
            'A part without earth does not take powder, and sparks in the cloud.',
            'Bare metal from hook to part to rail to earth; under 1 MΩ.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $ohms = $plan->facts->equipment->groundMohm;

        return $ohms !== null && $ohms >= 1 && $plan->facts->coats !== []
            ? sprintf('part to earth is %.1f MΩ', $ohms)
            : null;
    }
}

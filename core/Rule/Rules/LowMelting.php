<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LowMelting extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'low-melting', Group::Metal, Severity::Stop,
            'Solder, lead, tin and white metal melt in the oven.',
            'Take them off, or decline.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->metal === 'lead_or_tin' || $part->has('solder_or_white_metal')
            ? "{$part->name} has solder, lead, tin or white metal in or on it"
            : null;
    }
}

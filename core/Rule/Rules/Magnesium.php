<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class Magnesium extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'magnesium', Group::Metal, Severity::Stop,
            'Magnesium dust and magnesium in an oven burn and cannot be put out.',
            'Only by a licensed process; otherwise decline.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->metal === 'magnesium'
            ? "{$part->name} is magnesium"
            : null;
    }
}

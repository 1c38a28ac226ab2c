<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class RecessStaysThin extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recess-stays-thin',
            Group::Equipment,
            Severity::Warn,
            'The field stops at the mouth: what is beside a recess would be too thick before its floor is covered.',
            'Less voltage, less air, another tip, warm metal, or touch it up after the flow.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $thin = $plan->floor->coat->thin ?? [];

        return $thin === [] ? null : implode(', ', $thin).' stays under the film wanted, however often it is sprayed';
    }
}

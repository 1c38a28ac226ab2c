<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BareSteelOver extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bare-steel-over',
            Group::Order,
            Severity::Stop,
            'Steel past its time bare carries flash rust, and it is under the film then.',
            'Send it back for a sweep-blast.',
            'house table of general practice',
            [Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SweepAgain];
    }

    public function applies(Plan $plan): ?string
    {
        $used = $plan->floor->bareUsed;

        return $used !== null && $used >= 1 ? "{$plan->facts->part->name} has stood bare past its time" : null;
    }
}

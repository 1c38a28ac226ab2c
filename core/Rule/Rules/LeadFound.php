<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LeadFound extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lead-found',
            Group::Metal,
            Severity::Stop,
            'Lead and chromate dust poison people and the shop for good.',
            'Not in the shop\'s own cabinet: a licensed process, with its name on record, or decline.',
            self::PRACTICE,
            [Moment::Route, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->paintTest->isPositive() && $part->licence === null && $plan->blasts()
            ? "what is on {$part->name} holds {$part->paintTest->label()}, and it would be blasted"
            : null;
    }
}

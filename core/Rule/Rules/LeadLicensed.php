<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LeadLicensed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lead-licensed',
            Group::Metal,
            Severity::Sign,
            'Even by a licensed process lead and chromate need respirator, capture and their own waste.',
            'The one who answers for the process signs.',
            self::PRACTICE,
            [Moment::Route, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->paintTest->isPositive() && $part->licence !== null && $plan->blasts()
            ? "what is on {$part->name} holds {$part->paintTest->label()}; process on record: {$part->licence}"
            : null;
    }
}

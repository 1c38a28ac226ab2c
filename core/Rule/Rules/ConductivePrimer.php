<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ConductivePrimer extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'conductive-primer', Group::Order, Severity::Note,
            'Three films insulate: the last coats kick off.',
            'A conductive primer, or let each coat drain to earth.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        return count($plan->facts->coats) >= 3 && array_filter($plan->facts->coats, fn ($coat): bool => $coat->conductive) === []
            ? count($plan->facts->coats).' coats and none conductive'
            : null;
    }
}

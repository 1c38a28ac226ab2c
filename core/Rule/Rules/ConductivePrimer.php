<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ConductivePrimer implements Rule
{
    public function key(): string
    {
        return 'conductive-primer';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Note;
    }

    public function reason(): string
    {
        return 'Three films insulate: the last coats kick off.';
    }

    public function wayOut(): string
    {
        return 'A conductive primer, or let each coat drain to earth.';
    }

    public function applies(Plan $plan): ?string
    {
        return count($plan->facts->coats) >= 3 && array_filter($plan->facts->coats, fn ($coat): bool => $coat->conductive) === []
            ? count($plan->facts->coats).' coats and none conductive'
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ZincRichOnSteelOnly implements Rule
{
    public function key(): string
    {
        return 'zinc-rich-on-steel-only';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Zinc-rich primer protects steel by touching it; on other metals it harms.';
    }

    public function wayOut(): string
    {
        return 'Epoxy primer on aluminium.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $zinc = array_filter($plan->facts->coats, fn ($coat): bool => $coat->zincRich);

        return $zinc !== [] && ! $part->isSteel()
            ? "{$part->name} is {$part->metalName()} and a zinc-rich primer is planned"
            : null;
    }
}

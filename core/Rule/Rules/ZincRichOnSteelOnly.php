<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ZincRichOnSteelOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-rich-on-steel-only', Group::Order, Severity::Stop,
            'Zinc-rich primer protects steel by touching it; on other metals it harms.',
            'Epoxy primer on aluminium.',
        );
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

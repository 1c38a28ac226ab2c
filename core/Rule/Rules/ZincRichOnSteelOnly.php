<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ZincRichOnSteelOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-rich-on-steel-only',
            Group::Order,
            Severity::Stop,
            'Zinc-rich primer protects steel by touching it; on other metals it harms.',
            'Epoxy primer on aluminium.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $zinc = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->zincRich);

        return $zinc !== [] && ! $part->family()->isSteel()
            ? "{$part->name} is {$part->metal->word()} and a zinc-rich primer is planned"
            : null;
    }
}

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
use Aenum\Core\Word\OnIt;

/** A zinc-rich primer on plating. */
final class ZincRichOnPlating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-rich-on-plating',
            Group::Order,
            Severity::Stop,
            'Zinc-rich primer on chrome or nickel plate touches no steel, so it protects nothing.',
            'An epoxy primer, or none.',
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
        $zinc = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->zincRich);

        return $zinc !== [] && $plan->facts->part->carries(OnIt::Plating)
            ? "{$plan->facts->part->name} is plated and a zinc-rich primer is planned"
            : null;
    }
}

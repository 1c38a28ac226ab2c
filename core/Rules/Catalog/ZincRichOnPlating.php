<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;

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
            [Checkpoint::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(PartRouting $plan): ?string
    {
        $zinc = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->zincRich);

        return $zinc !== [] && $plan->facts->part->carries(ArrivalCondition::Plating)
            ? "{$plan->facts->part->name} is plated and a zinc-rich primer is planned"
            : null;
    }
}

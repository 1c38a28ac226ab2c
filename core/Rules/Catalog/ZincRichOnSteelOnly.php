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
        $part = $plan->facts->part;
        $zinc = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->zincRich);

        return $zinc !== [] && ! $part->family()->isSteel()
            ? "{$part->name} is {$part->metal->word()} and a zinc-rich primer is planned"
            : null;
    }
}

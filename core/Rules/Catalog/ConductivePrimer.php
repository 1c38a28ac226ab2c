<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class ConductivePrimer extends Rule
{
    /** Coats from which the film below insulates. General practice of the trade. */
    private const MANY = 3;

    public function __construct()
    {
        parent::__construct(
            'conductive-primer',
            Group::Order,
            Severity::Note,
            'Three films insulate: the last coats kick off.',
            'A conductive primer, or let each coat drain to earth.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $coats = $plan->facts->coats;
        $conducts = array_filter($coats, fn (CoatFacts $coat): bool => $coat->conductive) !== [];

        return count($coats) >= self::MANY && ! $conducts ? count($coats).' coats and none conductive' : null;
    }
}

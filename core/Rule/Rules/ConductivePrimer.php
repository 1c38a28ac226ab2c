<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $coats = $plan->facts->coats;
        $conducts = array_filter($coats, fn (CoatFacts $coat): bool => $coat->conductive) !== [];

        return count($coats) >= self::MANY && ! $conducts ? count($coats).' coats and none conductive' : null;
    }
}

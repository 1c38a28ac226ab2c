<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

/** A stripper with methylene chloride. */
final class MethyleneChloride extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'methylene-chloride',
            Group::Metal,
            Severity::Sign,
            'Methylene chloride vapor kills in minutes in a pit or tank, and no cartridge holds it.',
            'Supplied air, PVA or laminate gloves, extraction and the permit local law asks for; or another gel.',
            'makers\' safety data sheets; local law',
            [Moment::Route, Moment::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(Plan $plan): ?string
    {
        $at = $plan->find(0, fn (Step $step): bool => $step->agent->isRegulated ?? false);

        return $at === null ? null : "{$plan->steps[$at]->agent?->name} is planned for {$plan->facts->part->name}";
    }
}

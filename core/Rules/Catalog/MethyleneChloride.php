<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

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
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(PartRouting $plan): ?string
    {
        $at = $plan->find(0, fn (Step $step): bool => $step->agent->isRegulated ?? false);

        return $at === null ? null : "{$plan->steps[$at]->agent?->name} is planned for {$plan->facts->part->name}";
    }
}

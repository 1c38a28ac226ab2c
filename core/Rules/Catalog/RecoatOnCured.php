<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\StepKind;

/** A bright base whose sheet has it fully cured before its clear is no mistake, and is not abraded. */
final class RecoatOnCured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recoat-on-cured',
            Group::Order,
            Severity::Warn,
            'A fully cured film gives the next coat nothing to hold to.',
            'Flow the coat below instead, or abrade it.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        if ($plan->has(StepKind::Abrade)) {
            return null;
        }
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            $meant = $coat->role === Role::Clear && $below !== null && $below->beforeClear->allowsCured();
            if ($coat->over === CoatBase::Cured && ! $meant) {
                return 'coat '.($n + 1).' goes on a fully cured one';
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Role;

final class CuredBeforeClear extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'cured-before-clear',
            Group::Order,
            Severity::Warn,
            'Some bright effects are spoiled by a clear on a base that was not fully cured.',
            'Cure the base fully, and leave it unabraded, as its sheet says.',
            'the powder\'s own sheet',
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            $asks = $below !== null && $below->beforeClear === BeforeClear::Cured;
            if ($coat->role === Role::Clear && $asks && $coat->over !== CoatBase::Cured) {
                return 'coat '.$n.' must be fully cured before its clear, and is only '.$coat->over->label();
            }
        }

        return null;
    }
}

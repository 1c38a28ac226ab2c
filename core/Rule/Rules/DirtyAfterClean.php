<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class DirtyAfterClean extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'dirty-after-clean', Group::Order, Severity::Warn,
            'Whatever touches the part after its last clean is under the film for good.',
            'Put the last clean after everything dusty or greasy.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $clean = $plan->first(StepKind::SolventWipe, StepKind::Wash, StepKind::Phosphate, StepKind::Conversion);
        $dusty = $plan->first(StepKind::Blast, StepKind::SweepBlast);

        return $coat !== null && $clean !== null && $dusty !== null && $dusty > $clean && $dusty < $coat && ! $plan->facts->part->rusts()
            ? 'the part is blasted after its last clean'
            : null;
    }
}

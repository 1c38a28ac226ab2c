<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class DirtyAfterClean extends Rule
{
    private const CLEANS = [StepKind::SolventWipe, StepKind::Wash, StepKind::Phosphate, StepKind::Conversion];

    public function __construct()
    {
        parent::__construct(
            'dirty-after-clean',
            Group::Order,
            Severity::Warn,
            'Whatever touches the part after its last clean is under the film for good.',
            'Put the last clean after everything dusty or greasy.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $clean = $plan->last(fn (Step $step): bool => in_array($step->kind, self::CLEANS, true), $coat);
        $dusty = $plan->last(fn (Step $step): bool => $step->kind->blasts(), $coat);

        return $coat !== null &&
            $clean !== null &&
            $dusty !== null &&
            $dusty > $clean &&
            ! $plan->facts->part->family()->rusts()
            ? 'the part is blasted after its last clean'
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class GroundNotMeasured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-not-measured',
            Group::Equipment,
            Severity::Warn,
            'Dirty hooks insulate, and nobody sees it.',
            'Measure part to earth for this rack today.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $planned = $plan->has(StepKind::GroundCheck);

        return $plan->facts->coats !== [] && ! $plan->facts->equipment->groundMeasuredToday && ! $planned
            ? 'the ground of this rack was not measured today'
            : null;
    }
}

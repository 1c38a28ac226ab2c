<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class HotterThanSheet extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'hotter-than-sheet',
            Group::Equipment,
            Severity::Stop,
            'Above its hottest row a powder\'s sheet is silent: what it does there nobody has written down.',
            'A cooler setpoint; the planner knows one.',
            'the powder\'s own sheet',
            [Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CoolerOven];
    }

    public function applies(Plan $plan): ?Said
    {
        $limit = $plan->floor->sheets;
        $peak = $plan->floor->peakC;

        return $limit !== null && $peak !== null && $limit->isPassedBy($peak)
            ? Said::of('{part} gets {peak}; {limit} is the most its powders\' sheets bear', [
                'part' => $plan->facts->part->name,
                'peak' => Quantity::of(Dimension::Temperature, $peak, 1),
                'limit' => Quantity::celsius($limit->celsius),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
            [Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CoolerOven];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $limit = $plan->floor->sheets;
        $peak = $plan->floor->peakC;

        return $limit !== null && $peak !== null && $limit->isPassedBy($peak)
            ? Message::of('{part} gets {peak}; {limit} is the most its powders\' sheets bear', [
                'part' => $plan->facts->part->name,
                'peak' => Quantity::of(Dimension::Temperature, $peak, 1),
                'limit' => Quantity::celsius($limit->celsius),
            ])
            : null;
    }
}

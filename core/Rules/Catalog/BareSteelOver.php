<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class BareSteelOver extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bare-steel-over',
            Group::Order,
            Severity::Stop,
            'Steel past its time bare carries flash rust, and it is under the film then.',
            'Send it back for a sweep-blast.',
            'house table of general practice',
            [Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SweepAgain];
    }

    public function applies(PartRouting $plan): ?string
    {
        $used = $plan->floor->bareUsed;

        return $used !== null && $used >= 1 ? "{$plan->facts->part->name} has stood bare past its time" : null;
    }
}

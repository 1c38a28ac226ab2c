<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class RecessStaysThin extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recess-stays-thin',
            Group::Equipment,
            Severity::Warn,
            'The field stops at the mouth: what is beside a recess would be too thick before its floor is covered.',
            'Less voltage, less air, another tip, warm metal, or touch it up after the flow.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $thin = $plan->floor->coat->thin ?? [];

        return $thin === [] ? null : implode(', ', $thin).' stays under the film wanted, however often it is sprayed';
    }
}

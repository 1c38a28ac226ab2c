<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class PhosphateOnAluminum extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'phosphate-on-aluminium',
            Group::Metal,
            Severity::Warn,
            'Phosphate builds no layer on aluminium: the coat has nothing to hold to outdoors.',
            'Clean, deoxidise and use a conversion coat.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Wash],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $plan->has(StepKind::Phosphate) && $part->isLightAlloy()
            ? "{$part->name} is {$part->metal->word()} and iron phosphate is planned"
            : null;
    }
}

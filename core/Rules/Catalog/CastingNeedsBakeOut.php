<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class CastingNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'casting-needs-bake-out',
            Group::Metal,
            Severity::Warn,
            'Castings hold gas and oil that come out through the film in the oven.',
            'Bake the bare part out, hotter than any later bake.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = $part->isCasting();

        return $asks && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} is a casting and no bake-out is planned"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class GalvanizedNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-needs-bake-out',
            Group::Metal,
            Severity::Warn,
            'Galvanising lets gas through the film in the oven.',
            'Bake the bare part out, hotter than any later bake.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = $part->isGalvanised();

        return $asks && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} is galvanised and no bake-out is planned"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StepKind;

final class OilyNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oily-needs-bake-out',
            Group::Metal,
            Severity::Warn,
            'What was once oily keeps oil in its pores and seams until the oven drives it out.',
            'Bake the bare part out, hotter than any later bake.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = $part->is(PartFlag::Oily) && ! $part->isCasting() && ! $part->isGalvanised();

        return $asks && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} was once oily and no bake-out is planned"
            : null;
    }
}

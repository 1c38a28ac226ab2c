<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class GalvanizedUntreated extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-untreated',
            Group::Metal,
            Severity::Warn,
            'Zinc outdoors without a layer made for it lets the film go.',
            'A conversion coat or phosphate made for zinc.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Wash],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $treated = $plan->has(StepKind::Conversion, StepKind::Phosphate);

        return $part->isGalvanised() && $plan->facts->outdoors() && $plan->facts->coats !== [] && ! $treated
            ? "{$part->name} is galvanised, lives {$plan->facts->lives->label()}, and nothing is built on the zinc"
            : null;
    }
}

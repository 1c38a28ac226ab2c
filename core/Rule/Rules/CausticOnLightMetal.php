<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class CausticOnLightMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'caustic-on-light-metal', Group::Metal, Severity::Stop,
            'Caustic dissolves aluminium and zinc.',
            'Use a stripper made for light metal, or blast it off.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $plan->has(StepKind::StripCaustic) && ($part->isLightAlloy() || in_array($part->metal, ['zinc_die_cast', 'galvanised_steel'], true))
            ? "{$part->name} is {$part->metalName()} and caustic stripping is planned"
            : null;
    }
}

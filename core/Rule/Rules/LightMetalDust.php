<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class LightMetalDust extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-metal-dust',
            Group::Metal,
            Severity::Note,
            'Dust of aluminium, zinc and magnesium explodes in cabinet and collector; with rust or steel dust in '
            .'it, worse.',
            'Own media, own collector, no sparks, no steel before it; by local rules on combustible dust.',
            'NFPA 484',
            [Moment::Counter, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->family()->dustExplodes() && ($plan->blasts() || $plan->facts->blast !== null)
            ? "{$part->name} is {$part->metal->word()} and will be blasted"
            : null;
    }
}

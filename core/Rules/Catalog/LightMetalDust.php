<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

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
            [Checkpoint::Counter, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->family()->dustExplodes() && ($plan->blasts() || $plan->facts->blast !== null)
            ? "{$part->name} is {$part->metal->word()} and will be blasted"
            : null;
    }
}

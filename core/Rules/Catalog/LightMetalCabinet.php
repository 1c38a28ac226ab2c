<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** Light metal blasted in a shop that has not recorded a cabinet of its own for it. */
final class LightMetalCabinet extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-metal-cabinet',
            Group::Metal,
            Severity::Sign,
            'Dust of aluminum, zinc and magnesium explodes, sooner with rust or steel dust in it.',
            'Keep media, cabinet and collector for light metal alone, and record that under shop settings; '
            .'or sign for this part.',
            'NFPA 484',
            [Checkpoint::Route, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $own = $plan->facts->equipment->lightMetalCabinet === true;

        return ! $own && $part->family()->dustExplodes() && ($plan->blasts() || $plan->facts->blast !== null)
            ? "{$part->name} is {$part->metal->word()}, and no cabinet is recorded as kept for light metal"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Route, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $own = $plan->facts->equipment->lightMetalCabinet === true;

        return ! $own && $part->family()->dustExplodes() && ($plan->blasts() || $plan->facts->blast !== null)
            ? "{$part->name} is {$part->metal->word()}, and no cabinet is recorded as kept for light metal"
            : null;
    }
}

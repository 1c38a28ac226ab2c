<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** Acid on stainless or a copper alloy without the product named. */
final class AcidProductUnnamed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'acid-product-unnamed',
            Group::Metal,
            Severity::Stop,
            'Strong acid pits stainless and takes zinc out of brass unless the product is made for that metal.',
            'Enter the product whose sheet allows this metal, or strip another way.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = fn (Step $step): bool => $step->agent !== null && $step->agent->needsProductFor($part->metal)
            && $step->agent->harms($part->metal) === null;
        $at = $part->acidProduct === null ? $plan->find(0, $asks) : null;

        return $at === null
            ? null
            : "{$part->name} is {$part->metal->word()} and {$plan->steps[$at]->agent?->name} is planned";
    }
}

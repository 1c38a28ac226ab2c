<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class AcidProduct extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'acid-product',
            Group::Metal,
            Severity::Sign,
            'Acid on zinc or light metal is right only with a product made for it, used as its sheet says.',
            'The one who has read the product\'s sheet signs.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $at = $plan->find(0, fn (Step $step): bool => $step->agent?->needsProductFor($part->metal) ?? false);

        return $at !== null && $part->acidProduct !== null
            ? "{$part->name} is {$part->metal->word()} and {$part->acidProduct} is to be used on it"
            : null;
    }
}

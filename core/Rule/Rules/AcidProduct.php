<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Route, Moment::Strip],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $at = $plan->find(0, fn (Step $step): bool => $step->agent?->needsProductFor($part->metal) ?? false);

        return $at !== null && $part->acidProduct !== null
            ? "{$part->name} is {$part->metal->word()} and {$part->acidProduct} is to be used on it"
            : null;
    }
}

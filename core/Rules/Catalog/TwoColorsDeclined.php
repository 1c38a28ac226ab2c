<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\TwoColorPolicy;

final class TwoColorsDeclined extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'two-colours-declined',
            Group::Order,
            Severity::Stop,
            'The house takes one colour a part.',
            'One colour, or another way for this part.',
            self::HOUSE,
            [Checkpoint::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TwoColors];
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            if ($n > 0 && $coat->zone !== null && $plan->facts->house->twoColours === TwoColorPolicy::Decline) {
                return "a second colour on {$coat->zone}";
            }
        }

        return null;
    }
}

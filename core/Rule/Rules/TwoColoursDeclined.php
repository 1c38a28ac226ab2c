<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\TwoColourWay;

final class TwoColoursDeclined extends Rule
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
            [Moment::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TwoColors];
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            if ($n > 0 && $coat->zone !== null && $plan->facts->house->twoColours === TwoColourWay::Decline) {
                return "a second colour on {$coat->zone}";
            }
        }

        return null;
    }
}

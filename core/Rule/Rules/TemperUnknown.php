<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class TemperUnknown extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'temper-unknown',
            Group::Metal,
            Severity::Stop,
            'Case-hardened and bearing steels were tempered cooler than a relief bake; nobody may guess.',
            'Find out what it was tempered at and write it down; or strip without acid.',
            Said::of('ISO 9588; makers\' sheets: such steels temper at {range}', [
                'range' => Quantity::range(Dimension::Temperature, 150, 180),
            ]),
            [Moment::Route, Moment::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::EnterTemper];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isHardSteel() && $part->temperC === null && $plan->usesAcid()
            ? "{$part->name} is hard steel, acid is planned, and its temper is not known"
            : null;
    }
}

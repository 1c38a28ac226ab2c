<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;

/** A part from the cold whose own temperature nobody has measured. */
final class MetalColderThanAir extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'metal-colder-than-air',
            Group::Order,
            Severity::Stop,
            'Metal carried in from the cold sweats in warm air, and the water is under the film.',
            'Measure the metal; work once it is clear of the dew point.',
            'WMO guide for the dew point; ISO 8502-4 practice for the margin',
            [Moment::Blast, Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureMetal];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(Mark::FromCold) && $plan->floor->metalC === null
            ? "{$part->name} was carried in from the cold, and its own temperature was not measured"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;

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
            [Checkpoint::Blast, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureMetal];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(PartFlag::FromCold) && $plan->floor->metalC === null
            ? "{$part->name} was carried in from the cold, and its own temperature was not measured"
            : null;
    }
}

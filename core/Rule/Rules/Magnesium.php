<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Metal\MetalFamily;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\LicensedHazard;

/** Magnesium without a license that covers it. */
final class Magnesium extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'magnesium',
            Group::Metal,
            Severity::Stop,
            'Magnesium dust and magnesium in an oven burn and cannot be put out.',
            'Only by a process licensed for magnesium, with its name on record; otherwise decline.',
            'NFPA 484',
            [Moment::Counter, Moment::Medium, Moment::Blast, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $other = $part->licence === null ? '' : "; the license on record ({$part->licence}) does not cover it";

        return $part->family() === MetalFamily::Magnesium && ! $part->isLicensedFor(LicensedHazard::Magnesium)
            ? "{$part->name} is magnesium{$other}"
            : null;
    }
}

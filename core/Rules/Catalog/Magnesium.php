<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\LicensedHazard;

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
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $other = $part->licence === null ? '' : "; the license on record ({$part->licence}) does not cover it";

        return $part->family() === MetalFamily::Magnesium && ! $part->isLicensedFor(LicensedHazard::Magnesium)
            ? "{$part->name} is magnesium{$other}"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;

/** A tank or drum that held fuel or solvent. */
final class HeldFuel extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'held-fuel',
            Group::Metal,
            Severity::Stop,
            'Vapor left in a tank or drum explodes at a spark or in the oven.',
            'Have it cleaned and certified gas-free first, and keep it vented.',
            'general practice; local code on hot work',
            [Checkpoint::Counter, Checkpoint::Strip, Checkpoint::Blast, Checkpoint::BakeOut, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::GasFree, Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has(Feature::HeldFuel) && ! $part->is(PartFlag::GasFree)
            ? "{$part->name} held fuel or solvent, and nobody has certified it gas-free"
            : null;
    }
}

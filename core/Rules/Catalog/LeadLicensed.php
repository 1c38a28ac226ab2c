<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\OldFilm;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\LicensedHazard;

/** Lead or chromate worked on by a process licensed for it. */
final class LeadLicensed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lead-licensed',
            Group::Metal,
            Severity::Sign,
            'Even by a licensed process lead and chromate need respirator, capture and their own waste.',
            'The person responsible for the process signs.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Strip, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $licensed = $part->isLicensedFor(LicensedHazard::LeadAndChromate);
        $step = $part->paintTest->isPositive() && $licensed ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "the old film on {$part->name} holds {$part->paintTest->label()}; process on record: {$part->licence}";
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\OldFilm;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\LicensedHazard;

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
            [Moment::Route, Moment::Strip, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $licensed = $part->isLicensedFor(LicensedHazard::LeadAndChromate);
        $step = $part->paintTest->isPositive() && $licensed ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "the old film on {$part->name} holds {$part->paintTest->label()}; process on record: {$part->licence}";
    }
}

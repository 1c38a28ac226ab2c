<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\OldFilm;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\LicensedHazard;

/** Lead or chromate in the old film, and no license that covers it. */
final class LeadFound extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lead-found',
            Group::Metal,
            Severity::Stop,
            'Lead and chromate dust poison people and stay in the shop for good.',
            'Only by a process licensed for lead and chromate, with its name on record; or decline.',
            self::PRACTICE,
            [Moment::Route, Moment::Strip, Moment::Blast],
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
        $licensed = $part->isLicensedFor(LicensedHazard::LeadAndChromate);
        $step = $part->paintTest->isPositive() && ! $licensed ? OldFilm::disturbedBy($plan) : null;
        $other = $part->licence === null ? '' : "; the license on record ({$part->licence}) does not cover it";

        return $step === null
            ? null
            : "the old film on {$part->name} holds {$part->paintTest->label()}, and this step raises its dust: "
                .$step->name().$other;
    }
}

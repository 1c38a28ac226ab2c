<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\OldFilm;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\LicensedHazard;

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
            [Checkpoint::Route, Checkpoint::Strip, Checkpoint::Blast],
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
        $licensed = $part->isLicensedFor(LicensedHazard::LeadAndChromate);
        $step = $part->paintTest->isPositive() && ! $licensed ? OldFilm::disturbedBy($plan) : null;
        $other = $part->licence === null ? '' : "; the license on record ({$part->licence}) does not cover it";

        return $step === null
            ? null
            : "the old film on {$part->name} holds {$part->paintTest->label()}, and this step raises its dust: "
                .$step->name().$other;
    }
}

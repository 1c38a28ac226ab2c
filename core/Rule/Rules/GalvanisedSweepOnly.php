<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\Sweep;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class GalvanisedSweepOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-sweep-only',
            Group::Metal,
            Severity::Stop,
            'Hard blasting takes the zinc off.',
            Said::of('Sweep at no more than {bar} with fine media.', ['bar' => Quantity::bar(Sweep::MOST_BAR)]),
            'EN 15773 and ISO 12944-4: zinc is swept',
            [Moment::Counter, Moment::Medium, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia, Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $blast = $plan->facts->blast;
        $hard = $blast !== null && ($blast->pressureBar > Sweep::MOST_BAR || ! $blast->medium->fine);

        return $part->isGalvanised() && $blast !== null && $hard
            ? Said::of('{part} is galvanised and {medium} at {bar} is planned', [
                'part' => $part->name,
                'medium' => $blast->medium->name,
                'bar' => Quantity::bar($blast->pressureBar),
            ])
            : null;
    }
}

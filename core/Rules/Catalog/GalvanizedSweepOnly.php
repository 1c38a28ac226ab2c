<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\Sweep;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class GalvanizedSweepOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-sweep-only',
            Group::Metal,
            Severity::Stop,
            'Hard blasting takes the zinc off.',
            Message::of('Sweep at no more than {bar} with fine media.', ['bar' => Quantity::bar(Sweep::MOST_BAR)]),
            'EN 15773 and ISO 12944-4: zinc is swept',
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia, Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $blast = $plan->facts->blast;
        $hard = $blast !== null && ($blast->pressureBar > Sweep::MOST_BAR || ! $blast->medium->fine);

        return $part->isGalvanised() && $blast !== null && $hard
            ? Message::of('{part} is galvanised and {medium} at {bar} is planned', [
                'part' => $part->name,
                'medium' => $blast->medium->name,
                'bar' => Quantity::bar($blast->pressureBar),
            ])
            : null;
    }
}

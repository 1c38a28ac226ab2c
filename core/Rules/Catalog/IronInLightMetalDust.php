<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** Steel or rust residue in the media a light-metal part is about to be blasted with. */
final class IronInLightMetalDust extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'iron-in-light-metal-dust',
            Group::Metal,
            Severity::Stop,
            'Rust and light-metal dust together burn like thermite, and one spark starts them.',
            'Empty and clean cabinet and collector, and fill with fresh media.',
            'NFPA 484',
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->ironFrom !== [] && $part->family()->dustExplodes()
            ? "{$part->name} is {$part->metal->word()}, and this {$lot->medium->name} has iron in it from "
                .implode(', ', $lot->ironFrom)
            : null;
    }
}

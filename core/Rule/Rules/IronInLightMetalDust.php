<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Medium, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->ironFrom !== [] && $part->family()->dustExplodes()
            ? "{$part->name} is {$part->metal->word()}, and this {$lot->medium->name} has iron in it from "
                .implode(', ', $lot->ironFrom)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

/** Steel or iron blasted with media that light metal was blasted with. */
final class LightMetalInMedia extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-metal-in-media',
            Group::Metal,
            Severity::Note,
            'Steel blasted after aluminum puts sparks and rust into light-metal dust, and aluminum into the steel.',
            'Keep a cabinet for each, or clean cabinet and collector between them.',
            'NFPA 484',
            [Moment::Medium, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->lightFrom !== [] && $plan->facts->part->family()->rusts()
            ? "this {$lot->medium->name} has light-metal dust in it from ".implode(', ', $lot->lightFrom)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

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
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->lightFrom !== [] && $plan->facts->part->family()->rusts()
            ? "this {$lot->medium->name} has light-metal dust in it from ".implode(', ', $lot->lightFrom)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;

final class CadmiumFittings extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'cadmium-fittings',
            Group::Metal,
            Severity::Stop,
            'Yellow or grey plated fittings may be cadmium, which poisons as dust, as acid mist and as fume.',
            'Take them off, or find out and note that they are not.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Strip, Checkpoint::Blast, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TakenOff];
    }

    /** @return list<Feature> */
    public function takesOff(): array
    {
        return [Feature::PlatedFittings];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $unknown = $part->has(Feature::PlatedFittings) && ! $part->is(PartFlag::FittingsNotCadmium);
        $harms = $plan->blasts() || $plan->usesAcid() || $plan->heats() || $plan->floor->peakC !== null;

        return $unknown && $harms
            ? "{$part->name} has yellow or grey plated fittings on it, and nobody knows of what"
            : null;
    }
}

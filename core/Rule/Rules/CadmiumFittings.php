<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\Mark;

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
            [Moment::Route, Moment::Strip, Moment::Blast, Moment::DoorShut],
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

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $unknown = $part->has(Feature::PlatedFittings) && ! $part->is(Mark::FittingsNotCadmium);
        $harms = $plan->blasts() || $plan->usesAcid() || $plan->heats() || $plan->floor->peakC !== null;

        return $unknown && $harms
            ? "{$part->name} has yellow or grey plated fittings on it, and nobody knows of what"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\StepKind;

final class ZincFume extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-fume',
            Group::Metal,
            Severity::Note,
            'Zinc that is burned off, welded or ground gives off fume that makes people ill; a bake far below its '
            .'melting point does not.',
            'Extract the fume; respirator; follow local rules.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $fumes = $part->made === Fabrication::Welded || $plan->has(StepKind::BurnOff, StepKind::Abrade);

        return $part->metal->holdsZinc && $fumes
            ? "{$part->name} has zinc in it or on it, and is welded, ground or burned off"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Made;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $fumes = $part->made === Made::Welded || $plan->has(StepKind::BurnOff, StepKind::Abrade);

        return $part->metal->holdsZinc && $fumes
            ? "{$part->name} has zinc in it or on it, and is welded, ground or burned off"
            : null;
    }
}

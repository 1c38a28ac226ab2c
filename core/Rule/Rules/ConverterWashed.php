<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

/** A wash over a converted surface. */
final class ConverterWashed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'converter-washed',
            Group::Order,
            Severity::Warn,
            'Washing or phosphating over rust converter takes off the layer it has just formed.',
            'Coat it as it is, once its hours are over and it is dry.',
            'the converter\'s own sheet',
            [Moment::Route, Moment::Wash],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?string
    {
        $converted = $plan->first(StepKind::RustConvert);
        $wash = $converted === null
            ? null
            : $plan->firstFrom($converted, StepKind::Scrub, StepKind::Wash, StepKind::Phosphate, StepKind::Conversion);
        $coat = $plan->first(StepKind::Coat);

        return $wash !== null && ($coat === null || $wash < $coat)
            ? "{$plan->facts->part->name} is washed after the rust converter: {$plan->steps[$wash]->name()}"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::Wash],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?string
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

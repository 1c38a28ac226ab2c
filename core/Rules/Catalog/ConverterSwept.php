<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class ConverterSwept extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'converter-swept',
            Group::Order,
            Severity::Stop,
            'A blast after the rust converter takes off what it has just made.',
            'One or the other: convert the rust, or blast it.',
            self::PRACTICE,
            [Checkpoint::Route],
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
        $blast =
            $converted === null ? null : $plan->find($converted, fn (Step $step): bool => $step->kind->blasts());
        $coat = $plan->first(StepKind::Coat);

        return $blast !== null && ($coat === null || $blast < $coat)
            ? 'the part is blasted after the rust converter'
            : null;
    }
}

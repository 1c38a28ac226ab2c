<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class DryAfterWash extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'dry-after-wash', Group::Order, Severity::Stop,
            'Water in seams comes out through the film.',
            'Dry in the oven after the last wet step.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $wet = -1;
        foreach ($plan->steps as $n => $step) {
            if (in_array($step->kind, [StepKind::Wash, StepKind::Phosphate, StepKind::Conversion, StepKind::Rinse], true)) {
                $wet = $n;
            }
        }
        $dry = false;
        foreach (array_slice($plan->steps, $wet + 1) as $step) {
            $dry = $dry || in_array($step->kind, [StepKind::DryOff, StepKind::BakeOut], true);
            if ($step->kind === StepKind::Coat) {
                break;
            }
        }

        return $wet >= 0 && $plan->has(StepKind::Coat) && ! $dry
            ? 'the part is coated after '.$plan->steps[$wet]->kind->label().' without drying'
            : null;
    }
}

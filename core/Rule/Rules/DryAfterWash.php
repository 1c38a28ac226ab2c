<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class DryAfterWash implements Rule
{
    public function key(): string
    {
        return 'dry-after-wash';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Water in seams comes out through the film.';
    }

    public function wayOut(): string
    {
        return 'Dry in the oven after the last wet step.';
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

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class WarmFirstCoat implements Rule
{
    public function key(): string
    {
        return 'warm-first-coat';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function reason(): string
    {
        return 'Powder on hot metal melts as it lands, sags, and cannot be blown off.';
    }

    public function wayOut(): string
    {
        return 'Let it cool below 40 °C, or choose the warm way.';
    }

    public function applies(Plan $plan): ?string
    {
        $before = null;
        $cooled = true;
        foreach ($plan->steps as $step) {
            if ($step->kind === StepKind::Coat) {
                break;
            }
            $heats = in_array($step->kind, [StepKind::BakeOut, StepKind::DryOff, StepKind::ReliefBake], true);
            $cooled = $heats ? false : ($cooled || $step->kind === StepKind::Cool);
            $before = $heats ? $step : $before;
        }

        return $plan->has(StepKind::Coat) && ! $cooled && $plan->facts->house->way('coat') === 'cold'
            ? 'the part comes from '.($before === null ? 'the oven' : $before->kind->label()).' and is coated without cooling'
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class WarmFirstCoat extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'warm-first-coat', Group::Order, Severity::Warn,
            'Powder on hot metal melts as it lands, sags, and cannot be blown off.',
            'Let it cool below 40 °C, or choose the warm way.',
        );
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

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\StepKind;

final class SolventFlash extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'solvent-flash',
            Group::Order,
            Severity::Warn,
            'Solvent that has not flashed off is vapour in the oven.',
            Said::of('Let it flash off for {minutes} and more; a puddle in a casting longer.', [
                'minutes' => Quantity::minutes(RouteTimes::FLASH_OFF),
            ]),
            'EN 1539',
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->steps as $n => $step) {
            $next = $plan->steps[$n + 1] ?? null;
            $wet = in_array($step->agent->key ?? '', ['solvent'], true) || $step->kind === StepKind::SolventWipe;
            if ($wet && $step->waitMinutes < RouteTimes::FLASH_OFF && ($next?->kind->bakes() ?? false)) {
                return "the part goes from {$step->kind->label()} straight into an oven";
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class SolventFlash extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'solvent-flash',
            Group::Order,
            Severity::Warn,
            'Solvent that has not flashed off is vapour in the oven.',
            Message::of('Let it flash off for {minutes} and more; a puddle in a casting longer.', [
                'minutes' => Quantity::minutes(RouteTimes::FLASH_OFF),
            ]),
            'EN 1539',
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
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

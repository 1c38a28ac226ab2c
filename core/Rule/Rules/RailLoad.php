<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Equipment;
use Aenum\Core\Rule\FitRule;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class RailLoad extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'rail-load',
            Equipment::Rail,
            'A rail past its load comes down.',
            'Hang fewer pieces at a time.',
            [Moment::Counter, Moment::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::FewerAtATime];
    }

    public function applies(Plan $plan): ?Said
    {
        $rack = $plan->facts->rack;
        $has = $rack->rackKg ?? $plan->facts->part->massKg;
        $carries = $plan->facts->equipment->railKg;

        return $carries !== null && $has !== null && $has > $carries
            ? Said::of('{what} {has}, the rail carries {carries}', [
                'what' => $rack === null ? 'one piece is' : 'the rack comes to',
                'has' => Quantity::kg($has, 1),
                'carries' => Quantity::kg($carries, 1),
            ])
            : null;
    }
}

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

final class HookLoad extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'hook-load',
            Equipment::Hook,
            'A hook past its load opens in the oven.',
            'A stronger hook, or more of them, and jig it.',
            [Moment::Counter, Moment::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MoreHooks];
    }

    public function applies(Plan $plan): ?Said
    {
        $rack = $plan->facts->rack;
        $has = $rack->hookKg ?? $plan->facts->part->massKg;
        $carries = $plan->facts->equipment->hookKg;

        return $carries !== null && $has !== null && $has > $carries
            ? Said::of('{what} {has}, the hook carries {carries}', [
                'what' => $rack === null ? 'one piece is' : 'a hook has',
                'has' => Quantity::kg($has, 1),
                'carries' => Quantity::kg($carries, 1),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Equipment;
use Aenum\Core\Rules\FitRule;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class HookLoad extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'hook-load',
            Equipment::Hook,
            'A hook past its load opens in the oven.',
            'A stronger hook, or more of them, and jig it.',
            [Checkpoint::Counter, Checkpoint::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MoreHooks];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $rack = $plan->facts->rack;
        $has = $rack->hookKg ?? $plan->facts->part->massKg;
        $carries = $plan->facts->equipment->hookKg;

        return $carries !== null && $has !== null && $has > $carries
            ? Message::of('{what} {has}, the hook carries {carries}', [
                'what' => $rack === null ? 'one piece is' : 'a hook has',
                'has' => Quantity::kg($has, 1),
                'carries' => Quantity::kg($carries, 1),
            ])
            : null;
    }
}

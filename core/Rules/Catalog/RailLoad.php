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

final class RailLoad extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'rail-load',
            Equipment::Rail,
            'A rail past its load comes down.',
            'Hang fewer pieces at a time.',
            [Checkpoint::Counter, Checkpoint::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::FewerAtATime];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $rack = $plan->facts->rack;
        $has = $rack->rackKg ?? $plan->facts->part->massKg;
        $carries = $plan->facts->equipment->railKg;

        return $carries !== null && $has !== null && $has > $carries
            ? Message::of('{what} {has}, the rail carries {carries}', [
                'what' => $rack === null ? 'one piece is' : 'the rack comes to',
                'has' => Quantity::kg($has, 1),
                'carries' => Quantity::kg($carries, 1),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Equipment;
use Aenum\Core\Rules\FitRule;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class FitsOven extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'fits-oven',
            Equipment::Oven,
            'What does not go into the oven cannot be done here.',
            'Take it apart, or send it elsewhere.',
            [Checkpoint::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CheckSize, Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $room = $plan->facts->equipment->ovenMm;

        return $part->boxMm !== null &&
            $room !== null &&
            ! EquipmentFacts::fits($part->boxMm, $room, EquipmentFacts::OVEN_CLEARANCE_MM)
            ? Message::of('{part} is {size}, the oven is {room}', [
                'part' => $part->name,
                'size' => Quantity::sides(...$part->boxMm),
                'room' => Quantity::sides(...$room),
            ])
            : null;
    }
}

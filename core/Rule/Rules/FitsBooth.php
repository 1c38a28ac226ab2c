<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\EquipmentFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Equipment;
use Aenum\Core\Rule\FitRule;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class FitsBooth extends FitRule
{
    public function __construct()
    {
        parent::__construct(
            'fits-booth',
            Equipment::Booth,
            'What does not go into the booth cannot be done here.',
            'Take it apart, or send it elsewhere.',
            [Moment::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CheckSize, Remedy::Decline];
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $room = $plan->facts->equipment->boothMm;

        return $part->boxMm !== null && $room !== null && ! EquipmentFacts::fits($part->boxMm, $room)
            ? Said::of('{part} is {size}, the booth is {room}', [
                'part' => $part->name,
                'size' => Quantity::sides(...$part->boxMm),
                'room' => Quantity::sides(...$room),
            ])
            : null;
    }
}

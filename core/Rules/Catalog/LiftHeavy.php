<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class LiftHeavy extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lift-heavy',
            Group::Equipment,
            Severity::Note,
            'One person lifting it hurts their back, or drops it.',
            'Two people or a hoist, and jig it so that it cannot fall.',
            'house limit; local rules on lifting come first',
            [Checkpoint::Counter, Checkpoint::MaskAndHang],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $mass = $plan->facts->part->massKg;

        return $mass !== null && Rack::isHeavy($mass)
            ? Message::of('one piece is {mass}; past {limit} it is too much for one', [
                'mass' => Quantity::kg($mass, 0),
                'limit' => Quantity::kg(Rack::LIFT_KG, 0),
            ])
            : null;
    }
}

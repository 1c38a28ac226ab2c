<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Hang\Rack;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

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
            [Moment::Counter, Moment::MaskAndHang],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $mass = $plan->facts->part->massKg;

        return $mass !== null && Rack::isHeavy($mass)
            ? Said::of('one piece is {mass}; past {limit} it is too much for one', [
                'mass' => Quantity::kg($mass, 0),
                'limit' => Quantity::kg(Rack::LIFT_KG, 0),
            ])
            : null;
    }
}

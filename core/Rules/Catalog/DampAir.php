<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\DewPoint;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class DampAir extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'damp-air',
            Group::Order,
            Severity::Sign,
            'Water settles unseen on metal this near the dew point, and is under the film then.',
            'Wait, warm the part, or write why it is done all the same.',
            'WMO guide for the dew point; ISO 8502-4 practice for the margin',
            [Checkpoint::Blast, Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        [$air, $humidity] = [$plan->floor->airC, $plan->floor->airHumidityPct];
        $metal = $plan->floor->metalC ?? $air;
        $isWet = $metal !== null && $air !== null && $humidity !== null
            && ! DewPoint::mayWork($metal, $air, max(1.0, $humidity));
        if (! $isWet) {
            return null;
        }
        if ($plan->floor->metalC !== null) {
            return Message::of('the metal is at {metal}, within {margin} of the dew point, at {humidity} % humidity', [
                'metal' => Quantity::celsius($plan->floor->metalC),
                'margin' => Quantity::kelvin(DewPoint::MARGIN_K),
                'humidity' => round($humidity),
            ]);
        }

        return Message::of('metal as warm as the air is within {margin} of the dew point, at {humidity} % humidity', [
            'margin' => Quantity::kelvin(DewPoint::MARGIN_K),
            'humidity' => round($humidity),
        ]);
    }
}

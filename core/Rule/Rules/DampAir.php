<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\DewPoint;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

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
            [Moment::Blast, Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        [$air, $humidity] = [$plan->floor->airC, $plan->floor->airHumidityPct];
        $metal = $plan->floor->metalC ?? $air;
        $isWet = $metal !== null && $air !== null && $humidity !== null
            && ! DewPoint::mayWork($metal, $air, max(1.0, $humidity));
        if (! $isWet) {
            return null;
        }
        if ($plan->floor->metalC !== null) {
            return Said::of('the metal is at {metal}, within {margin} of the dew point, at {humidity} % humidity', [
                'metal' => Quantity::celsius($plan->floor->metalC),
                'margin' => Quantity::kelvin(DewPoint::MARGIN_K),
                'humidity' => round($humidity),
            ]);
        }

        return Said::of('metal as warm as the air is within {margin} of the dew point, at {humidity} % humidity', [
            'margin' => Quantity::kelvin(DewPoint::MARGIN_K),
            'humidity' => round($humidity),
        ]);
    }
}

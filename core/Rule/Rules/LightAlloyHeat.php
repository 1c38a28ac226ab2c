<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class LightAlloyHeat extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-alloy-heat',
            Group::Metal,
            Severity::Warn,
            'Heat-treated light alloy loses strength with time at temperature.',
            'Fewer or cooler bakes; ask the maker for the limit.',
            Said::of('reheat tables for artificially aged 6xxx come to 41 to 51 min at {at}', [
                'at' => Quantity::celsius(MetalAgeing::REFERENCE_C),
            ]),
            [Moment::Route, Moment::DoorShut],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $minutes = $plan->metalMinutes();

        return $part->losesStrength() && $minutes > MetalAgeing::WARN_MINUTES
            && $minutes <= MetalAgeing::SIGN_MINUTES
            ? Said::of('all bakes of {part} together come to {minutes} at {at}', [
                'part' => $part->name,
                'minutes' => Quantity::minutes(round($minutes)),
                'at' => Quantity::celsius(MetalAgeing::REFERENCE_C),
            ])
            : null;
    }
}

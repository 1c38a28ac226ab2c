<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class LightAlloyHeatMuch extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-alloy-heat-much',
            Group::Metal,
            Severity::Sign,
            'Past what reheat tables allow, heat-treated light alloy has lost strength it does not get back.',
            'Fewer or cooler bakes, or the maker\'s limit in writing.',
            Message::of('reheat tables for artificially aged 6xxx come to 41 to 51 min at {at}', [
                'at' => Quantity::celsius(MetalAging::REFERENCE_C),
            ]),
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $minutes = $plan->metalMinutes();

        return $part->losesStrength() && $minutes > MetalAging::SIGN_MINUTES
            ? Message::of('all bakes of {part} together come to {minutes} at {at}', [
                'part' => $part->name,
                'minutes' => Quantity::minutes(round($minutes)),
                'at' => Quantity::celsius(MetalAging::REFERENCE_C),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class BakeOutMargin extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-margin',
            Group::Order,
            Severity::Note,
            'A bake-out just at the cure temperature leaves nothing to spare.',
            Message::of('{more} above the hottest cure is usual.', [
                'more' => Quantity::kelvin(RouteTimes::BAKE_OUT_ABOVE),
            ]),
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::BakeOut, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $out = $plan->hottestC(StepKind::BakeOut);
        $cure = $plan->hottestC(StepKind::Bake);

        return $out !== null && $cure !== null && $out >= $cure && $out < $cure + RouteTimes::BAKE_OUT_ABOVE
            ? Message::of('bake-out at {out}, hottest cure {cure}', [
                'out' => Quantity::celsius($out),
                'cure' => Quantity::celsius($cure),
            ])
            : null;
    }
}

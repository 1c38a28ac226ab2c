<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class BakeOutTooCool extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-too-cool',
            Group::Order,
            Severity::Stop,
            'Gas that a bake-out leaves behind comes out in the first hotter bake.',
            Message::of('Bake out at the hottest cure planned, {more} above it as usual.', [
                'more' => Quantity::kelvin(RouteTimes::BAKE_OUT_ABOVE),
            ]),
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::BakeOut, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?Message
    {
        // What was done outranks what was planned: the bake-out as it was, against the cure at hand as computed.
        // A relief bake of steel that holds no gas is none of them.
        $done = $plan->has(StepKind::BakeOut) ? $plan->floor->bakedOutC : null;
        [$out, $cure] = $done === null
            ? [$plan->hottestC(StepKind::BakeOut), $plan->hottestC(StepKind::Bake)]
            : [$done, $plan->floor->peakC];

        return $out !== null && $cure !== null && $out < $cure
            ? Message::of('bake-out at {out}, hottest cure {cure}', [
                'out' => Quantity::celsius($out),
                'cure' => Quantity::celsius($cure),
            ])
            : null;
    }
}

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

final class BakeOutTooShort extends Rule
{
    /** General practice of the trade, min. */
    public const LEAST_MIN = RouteTimes::BAKE_OUT_LEAST;

    public function __construct()
    {
        parent::__construct(
            'bake-out-too-short',
            Group::Order,
            Severity::Warn,
            'Gas needs time to leave thick metal.',
            Message::of(
                'Hold at least {minutes} at part temperature.',
                ['minutes' => Quantity::minutes(self::LEAST_MIN)],
            ),
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::BakeOut, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $step = $plan->all(StepKind::BakeOut)[0] ?? null;

        return $step !== null && ($step->holdMinutes ?? 0) < self::LEAST_MIN
            ? Message::of('the bake-out holds {minutes}', ['minutes' => Quantity::minutes($step->holdMinutes ?? 0.0)])
            : null;
    }
}

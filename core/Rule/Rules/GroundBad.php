<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Hang\Ground;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GroundBad extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-bad',
            Group::Equipment,
            Severity::Stop,
            'A part without earth does not take powder, and sparks in the cloud.',
            'Bare metal from hook to part to rail to earth; under 1 MΩ.',
            self::PRACTICE,
            [Moment::Route, Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureGround];
    }

    public function applies(Plan $plan): ?string
    {
        $ohm = $plan->facts->equipment->groundOhm;

        return $ohm !== null && Ground::of($ohm) === Ground::Bad && $plan->facts->coats !== []
            ? sprintf('%s to earth measures %.1f MΩ', $plan->facts->part->name, $ohm / 1e6)
            : null;
    }
}

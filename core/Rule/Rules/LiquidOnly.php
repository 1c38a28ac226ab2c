<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;

final class LiquidOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'liquid-only',
            Group::Metal,
            Severity::Stop,
            'What burns stays on it, so nothing of it goes into an oven.',
            'Liquid paint by hand, priced as such, or decline.',
            self::PRACTICE,
            [Moment::Counter, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(Mark::SoftStays) ? "{$part->name} has rubber or plastic on it that cannot come off" : null;
    }
}

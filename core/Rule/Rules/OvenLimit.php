<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class OvenLimit extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oven-limit',
            Group::Equipment,
            Severity::Stop,
            'A bake past the oven\'s limit trips it, or worse.',
            'A cooler powder, or another oven.',
            'the oven maker\'s plate',
            [Moment::Route, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(Plan $plan): ?Said
    {
        $max = $plan->facts->equipment->ovenMaxC;
        $hottest = $plan->hottestBakeC();

        return $max !== null && $hottest !== null && $hottest > $max
            ? Said::of('a bake at {hottest} is planned, the oven stops at {max}', [
                'hottest' => Quantity::celsius($hottest),
                'max' => Quantity::celsius($max),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class FoodOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'food-oven',
            Group::Equipment,
            Severity::Stop,
            'An oven used for powder is never used for food, nor the other way.',
            'Keep one oven for powder alone.',
            self::PRACTICE,
            [Moment::Counter, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->equipment->ovenUsedForFood ? 'the oven is used for food' : null;
    }
}

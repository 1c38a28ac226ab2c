<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class FoodOven implements Rule
{
    public function key(): string
    {
        return 'food-oven';
    }

    public function group(): Group
    {
        return Group::Equipment;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'An oven used for powder is never used for food, nor the other way.';
    }

    public function wayOut(): string
    {
        return 'Keep one oven for powder alone.';
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->equipment->ovenUsedForFood
            ? 'the oven is used for food'
            : null;
    }
}

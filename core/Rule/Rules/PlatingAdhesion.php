<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;

final class PlatingAdhesion extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plating-adhesion',
            Group::Metal,
            Severity::Sign,
            'On plating, even new and blasted, adhesion cannot be promised.',
            'The owner signs that adhesion is not guaranteed.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $asked = $part->is(Mark::PlatingNew) || isset($plan->facts->signed[$this->key]);

        return $part->carries(OnIt::Plating) && $asked ? "{$part->name} is plated" : null;
    }
}

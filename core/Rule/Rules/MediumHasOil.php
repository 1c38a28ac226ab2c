<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class MediumHasOil extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'medium-has-oil',
            Group::Metal,
            Severity::Warn,
            'Oil in the medium goes onto every part: fisheyes.',
            'Change the medium.',
            self::PRACTICE,
            [Moment::Medium, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->oilFrom !== []
            ? "this {$lot->medium->name} has oil in it from ".implode(', ', $lot->oilFrom)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;

/** Food or drinking water will touch the film. */
final class FoodContact extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'food-contact',
            Group::Metal,
            Severity::Sign,
            'Powder that touches food or drinking water needs a declaration for it, and most have none.',
            'The maker\'s written declaration for this powder and use, and somebody signs that it is on file.',
            'local food-contact law; the powder maker\'s declaration',
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(Mark::FoodContact) && $plan->facts->coats !== []
            ? "food or drinking water will touch {$part->name}"
            : null;
    }
}

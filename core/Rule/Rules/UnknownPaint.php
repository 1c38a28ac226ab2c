<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\PaintTest;

final class UnknownPaint extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'unknown-paint',
            Group::Metal,
            Severity::Sign,
            'Old paint may hold lead or chromate; blasting it poisons the one at the nozzle.',
            'Test it first, and write down what was found.',
            self::PRACTICE,
            [Moment::Route, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $painted = array_filter($part->onIt, fn (OnIt $on): bool => $on->isPaint()) !== [];

        return $painted && $part->paintTest === PaintTest::NotTested && $plan->blasts()
            ? "{$part->name} has old paint that was not tested, and will be blasted"
            : null;
    }
}

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

final class OldPowderUntested extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'old-powder-untested',
            Group::Metal,
            Severity::Warn,
            'Old powder coats can hold lead or chromate too.',
            'Test it, and write down what was found.',
            self::PRACTICE,
            [Moment::Route, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $untested = $part->carries(OnIt::OldPowder) && $part->paintTest === PaintTest::NotTested;

        return $untested && $plan->blasts()
            ? "{$part->name} has an old powder coat that was not tested, and will be blasted"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\OldFilm;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\PaintTest;

/** An old powder coat nobody has tested, about to be blasted, ground, brushed, burned or sanded. */
final class OldPowderUntested extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'old-powder-untested',
            Group::Metal,
            Severity::Warn,
            'Old powder coats can hold lead or chromate too.',
            'Test it, and record the result.',
            self::PRACTICE,
            [Moment::Route, Moment::Strip, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $untested = $part->carries(OnIt::OldPowder) && $part->paintTest === PaintTest::NotTested;
        $step = $untested ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "{$part->name} has an untested old powder coat, and this step raises its dust: {$step->name()}";
    }
}

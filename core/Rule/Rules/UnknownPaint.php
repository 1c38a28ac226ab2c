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

/** Old paint nobody has tested, about to be blasted, ground, brushed, burned or sanded. */
final class UnknownPaint extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'unknown-paint',
            Group::Metal,
            Severity::Sign,
            'Old paint may hold lead or chromate; its dust or fume poisons the person working on it.',
            'Test it first, and record the result.',
            self::PRACTICE,
            [Moment::Route, Moment::Strip, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $painted = array_filter($part->onIt, fn (OnIt $on): bool => $on->isPaint()) !== [];
        $step = $painted && $part->paintTest === PaintTest::NotTested ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "{$part->name} has old paint that was not tested, and this step raises its dust: {$step->name()}";
    }
}

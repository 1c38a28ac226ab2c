<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\OldFilm;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\PaintTest;

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
            [Checkpoint::Route, Checkpoint::Strip, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $painted = array_filter($part->onIt, fn (ArrivalCondition $on): bool => $on->isPaint()) !== [];
        $step = $painted && $part->paintTest === PaintTest::NotTested ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "{$part->name} has old paint that was not tested, and this step raises its dust: {$step->name()}";
    }
}

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
            [Checkpoint::Route, Checkpoint::Strip, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $untested = $part->carries(ArrivalCondition::OldPowder) && $part->paintTest === PaintTest::NotTested;
        $step = $untested ? OldFilm::disturbedBy($plan) : null;

        return $step === null
            ? null
            : "{$part->name} has an untested old powder coat, and this step raises its dust: {$step->name()}";
    }
}

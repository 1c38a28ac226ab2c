<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\SurfaceLedger;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Surface\Layer;

/** Mill scale still on the steel when the first coat goes on. */
final class ScaleUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'scale-under-powder',
            Group::Order,
            Severity::Sign,
            'Mill scale lets go of the steel and takes the film with it.',
            'Blast, pickle or grind it off; or the customer signs that the film may come off with the scale.',
            self::PRACTICE,
            [Moment::Route, Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(Plan $plan): ?string
    {
        $surface = SurfaceLedger::beforePowder($plan);

        return $surface?->has(Layer::MillScale)
            ? "{$plan->facts->part->name} still carries mill scale when the first coat goes on"
            : null;
    }
}

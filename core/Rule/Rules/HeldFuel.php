<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\Mark;

/** A tank or drum that held fuel or solvent. */
final class HeldFuel extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'held-fuel',
            Group::Metal,
            Severity::Stop,
            'Vapor left in a tank or drum explodes at a spark or in the oven.',
            'Have it cleaned and certified gas-free first, and keep it vented.',
            'general practice; local code on hot work',
            [Moment::Counter, Moment::Strip, Moment::Blast, Moment::BakeOut, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::GasFree, Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has(Feature::HeldFuel) && ! $part->is(Mark::GasFree)
            ? "{$part->name} held fuel or solvent, and nobody has certified it gas-free"
            : null;
    }
}

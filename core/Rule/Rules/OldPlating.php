<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;

final class OldPlating extends Rule
{
    /** The owner's waiver of what new plating cannot promise either. */
    private const WAIVER = 'plating-adhesion';

    /** The rule whose signature lets go of this one. */
    public function signedUnder(): string
    {
        return self::WAIVER;
    }

    public function __construct()
    {
        parent::__construct(
            'old-plating',
            Group::Metal,
            Severity::Stop,
            'Powder does not hold on old plating and flakes off under the first blow.',
            'Decline, or have the plating taken off elsewhere; a signed waiver makes it new-plating work.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $waived = isset($plan->facts->signed[self::WAIVER]);

        return $part->carries(OnIt::Plating) && ! $part->is(Mark::PlatingNew) && ! $waived
            ? "{$part->name} has old plating"
            : null;
    }
}

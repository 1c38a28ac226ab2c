<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\PartFlag;

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
            [Checkpoint::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $waived = isset($plan->facts->signed[self::WAIVER]);

        return $part->carries(ArrivalCondition::Plating) && ! $part->is(PartFlag::PlatingNew) && ! $waived
            ? "{$part->name} has old plating"
            : null;
    }
}

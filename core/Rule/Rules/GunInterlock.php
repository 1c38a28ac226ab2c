<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

/** A gun that can spray while the booth fan is off. */
final class GunInterlock extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'gun-interlock',
            Group::Equipment,
            Severity::Sign,
            'A gun that sprays with the fan off fills the booth with a cloud one spark can light.',
            'Interlock the gun with the booth fan; until then somebody signs for every job.',
            'EN 16985; NFPA 33',
            [Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->equipment->gunInterlocked === false
            ? 'the gun can spray with the booth fan off'
            : null;
    }
}

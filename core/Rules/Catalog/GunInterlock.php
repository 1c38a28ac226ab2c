<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

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
            [Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(PartRouting $plan): ?string
    {
        return $plan->facts->equipment->gunInterlocked === false
            ? 'the gun can spray with the booth fan off'
            : null;
    }
}

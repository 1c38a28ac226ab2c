<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class FumesOverPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'fumes-over-powder',
            Group::Order,
            Severity::Stop,
            'What comes out of a casting or an oily part settles in powder that is still open, as craters.',
            'Bake it out on its own, or with bare parts.',
            self::PRACTICE,
            [Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::BakeOutAlone];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $why = match (true) {
            ! $plan->floor->besidePowder => null,
            $part->isGreasy() => 'is or was oily',
            $part->isCasting() => 'is a casting',
            default => null,
        };

        return $why === null ? null : "{$part->name} {$why} and would share the oven with uncured powder";
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class FoodOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'food-oven',
            Group::Equipment,
            Severity::Stop,
            'An oven used for powder is never used for food, nor the other way.',
            'Keep one oven for powder alone.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(PartRouting $plan): ?string
    {
        return $plan->facts->equipment->ovenUsedForFood ? 'the oven is used for food' : null;
    }
}

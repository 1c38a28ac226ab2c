<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\PartFlag;

final class PlatingAdhesion extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plating-adhesion',
            Group::Metal,
            Severity::Sign,
            'On plating, even new and blasted, adhesion cannot be promised.',
            'The owner signs that adhesion is not guaranteed.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $asked = $part->is(PartFlag::PlatingNew) || isset($plan->facts->signed[$this->key]);

        return $part->carries(ArrivalCondition::Plating) && $asked ? "{$part->name} is plated" : null;
    }
}

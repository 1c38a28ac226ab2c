<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;

final class ChromiumDust extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'chromium-dust',
            Group::Metal,
            Severity::Note,
            'Dust of chromium plating is poisonous.',
            'Respirator of the right class, and capture the dust.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->carries(
            ArrivalCondition::Plating,
        ) && $plan->blasts() ? "{$part->name} is plated and will be blasted" : null;
    }
}

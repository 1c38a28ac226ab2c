<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;

final class GasTolerantPrimer extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'gas-tolerant-primer',
            Group::Metal,
            Severity::Note,
            'A primer made to let gas through saves used castings from pinholes.',
            'Plan a gas-tolerant primer as the first coat.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $first = $plan->facts->coats[0] ?? null;

        return $first !== null && $part->isCasting() && $part->is(PartFlag::Oily) && ! $first->gasTolerant
            ? "{$part->name} is a used casting and its first coat is not gas-tolerant"
            : null;
    }
}

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

final class ClearOnBareMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-on-bare-metal',
            Group::Metal,
            Severity::Warn,
            'Light metal often leaves its maker under a clear nobody sees: powder over it peels.',
            'Touch it with both tips of a meter: bare metal conducts, a clear does not. Then tick which it is.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Strip],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        $unseen = $part->isLightAlloy() && $part->carries(ArrivalCondition::Bare) && ! $part->carries(
            ArrivalCondition::FactoryClear,
        );

        return $unseen && ! $part->is(PartFlag::NoFactoryClear)
            ? "{$part->name} is bare light metal, and nobody has said whether a clear is on it"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;

final class OldPrimerStays extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'old-primer-stays',
            Group::Order,
            Severity::Warn,
            'Powder holds no better than the primer under it, and that one was not baked for it.',
            'Cross-cut it first; blast it off where it lifts anywhere. Its first bake may blister it.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Route, Checkpoint::Strip],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(
            PartFlag::OldPrimerTight,
        ) ? "the old primer of {$part->name} is to stay under the powder" : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Metal\ReliefBake;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class AcidOnHardened extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'acid-on-hardened',
            Group::Metal,
            Severity::Sign,
            'Acid drives hydrogen into strong steel, which then breaks without warning.',
            Said::of('Strip another way; or relief-bake within {within}, and somebody signs for it.', [
                'within' => Quantity::minutes(ReliefBake::WITHIN_MIN),
            ]),
            'ISO 9588',
            [Moment::Route, Moment::Strip],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isHardSteel() && $plan->usesAcid() ? "{$part->name} is hard steel and acid is planned" : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\CoatWay;
use Aenum\Core\Word\StepKind;

final class WarmFirstCoat extends Rule
{
    /** Coated cold below this, °C part metal. General practice of the trade. */
    public const COLD_C = 40.0;

    public function __construct()
    {
        parent::__construct(
            'warm-first-coat',
            Group::Order,
            Severity::Warn,
            'Powder on hot metal melts as it lands, sags, and cannot be blown off.',
            Said::of('Let it cool below {cold}, or choose the warm way.', ['cold' => Quantity::celsius(self::COLD_C)]),
            self::PRACTICE,
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $hot = $plan->last(fn (Step $step): bool => $step->kind->bakes() && $step->kind !== StepKind::Warm, $coat);
        $cool = $hot === null ? null : $plan->firstFrom($hot, StepKind::Cool);
        $warm = $plan->facts->house->coat !== CoatWay::Cold;

        return $coat !== null && $hot !== null && ! $warm && ($cool === null || $cool > $coat)
            ? "the part comes from {$plan->steps[$hot]->kind->label()} and is coated without cooling"
            : null;
    }
}

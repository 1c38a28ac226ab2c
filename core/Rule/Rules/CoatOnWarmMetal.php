<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Coat\WarmWindow;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\CoatWay;

final class CoatOnWarmMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'coat-on-warm-metal',
            Group::Order,
            Severity::Warn,
            'Powder on warm metal lies thick in a blink and cannot be blown off.',
            'Let it cool, or choose the warm way.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->floor->coat?->partC;
        $cold = $plan->facts->house->coat === CoatWay::Cold;

        return $cold && $part !== null && $part >= WarmWindow::COLD_C
            ? Said::of('the part is at {part}; cold is under {cold}', [
                'part' => Quantity::celsius($part),
                'cold' => Quantity::celsius(WarmWindow::COLD_C),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class AboveSoftening extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'above-softening',
            Group::Order,
            Severity::Sign,
            'Above its softening point powder melts as it lands: the hot way, thick and not to be undone.',
            'Let it cool, or a name under the hot way.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $coat = $plan->floor->coat;
        $hot = $coat?->partC !== null && $coat->softensC !== null && $coat->partC > $coat->softensC;

        return $hot
            ? Said::of('the part is at {part}; this powder softens at {softens}', [
                'part' => Quantity::celsius((float) $coat->partC),
                'softens' => Quantity::celsius((float) $coat->softensC),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Effect;

final class TransparentOnSilver extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'transparent-on-silver',
            Group::Order,
            Severity::Warn,
            'A transparent colour shows what is below it: without silver it is dull, over anything uneven it '
                .'is stained.',
            'A silver base under it, evenly laid: the shade follows the film.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            if ($coat->effect === Effect::Transparent && $below?->effect->hasFlake() !== true) {
                return 'coat '.($n + 1).' is transparent, and no silver lies below it';
            }
        }

        return null;
    }
}

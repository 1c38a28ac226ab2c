<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Said;

final class MediumSpent extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'medium-spent',
            Group::Metal,
            Severity::Note,
            'A medium past its life is mostly dust: it cleans slowly and leaves little profile.',
            'Sieve it, top it up, or change it.',
            self::HOUSE,
            [Moment::Medium, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->used !== null && $lot->used > 1
            ? Said::of('this {medium} has {percent} % of its life behind it', [
                'medium' => $lot->medium->name,
                'percent' => (int) round(100 * $lot->used),
            ])
            : null;
    }
}

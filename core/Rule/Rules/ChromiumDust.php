<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\OnIt;

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
            [Moment::Route, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->carries(OnIt::Plating) && $plan->blasts() ? "{$part->name} is plated and will be blasted" : null;
    }
}

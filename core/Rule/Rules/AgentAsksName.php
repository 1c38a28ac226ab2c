<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class AgentAsksName extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'agent-asks-name',
            Group::Metal,
            Severity::Sign,
            'What an agent may do to a part somebody must have weighed.',
            'Somebody signs, or another way off.',
            self::PRACTICE,
            [Moment::Route, Moment::Strip],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        foreach ($plan->steps as $step) {
            $asks = $step->agent?->asksName($part->metal);
            if ($asks !== null) {
                return "{$part->name} is {$part->metal->word()} and {$step->agent->name} is planned. {$asks}";
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

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
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    public function applies(PartRouting $plan): ?string
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

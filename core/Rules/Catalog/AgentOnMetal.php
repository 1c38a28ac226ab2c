<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/**
 * Caustic on light metal, zinc and brass, acid on zinc and aluminium, fire on what melts: the agents know what they
 * harm.
 */
final class AgentOnMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'agent-on-metal',
            Group::Metal,
            Severity::Stop,
            'Some agents eat, pit or burn the metal they are put on.',
            'Another way off; the strip bench lists those this metal stands.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        foreach ($plan->steps as $step) {
            $harm = $step->agent?->harms($part->metal);
            $made = $part->acidProduct !== null && $step->agent?->needsProductFor($part->metal);
            if ($harm !== null && ! $made) {
                return "{$part->name} is {$part->metal->word()} and {$step->agent->name} is planned. {$harm}";
            }
        }

        return null;
    }
}

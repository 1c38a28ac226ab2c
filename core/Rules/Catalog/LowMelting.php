<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;

final class LowMelting extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'low-melting',
            Group::Metal,
            Severity::Stop,
            'Solder, lead, tin and white metal melt in the oven.',
            'Take them off, or decline.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TakenOff, Remedy::Decline];
    }

    /** @return list<Feature> */
    public function takesOff(): array
    {
        return [Feature::SolderOrWhiteMetal, Feature::Weights];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $melts = $part->family() === MetalFamily::LowMelting
            || $part->has(Feature::SolderOrWhiteMetal, Feature::Weights);

        $what = $part->has(Feature::Weights)
            ? 'balance weights of lead or zinc'
            : 'solder, lead, tin or white metal';

        return $melts ? "{$part->name} has {$what} in or on it" : null;
    }
}

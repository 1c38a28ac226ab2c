<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Metal\MetalFamily;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;

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
            [Moment::Counter, Moment::DoorShut],
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

    public function applies(Plan $plan): ?string
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

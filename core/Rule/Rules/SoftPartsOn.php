<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;

final class SoftPartsOn extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'soft-parts-on',
            Group::Metal,
            Severity::Stop,
            'Rubber, plastic, sealed bearings and packed grease burn, melt or foul everything.',
            'Take them off first.',
            self::PRACTICE,
            [Moment::Counter, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TakenOff];
    }

    /** @return list<Feature> */
    public function takesOff(): array
    {
        return array_values(array_filter(Feature::cases(), fn (Feature $one): bool => $one->isSoft()));
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $on = array_filter($part->features, fn (Feature $feature): bool => $feature->isSoft());
        $named = implode(', ', array_map(fn (Feature $feature): string => $feature->label(), $on));

        return $on === [] ? null : "{$part->name} still has {$named} on it";
    }
}

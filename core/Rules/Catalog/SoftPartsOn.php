<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;

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
            [Checkpoint::Counter, Checkpoint::DoorShut],
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

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $on = array_filter($part->features, fn (Feature $feature): bool => $feature->isSoft());
        $named = implode(', ', array_map(fn (Feature $feature): string => $feature->label(), $on));

        return $on === [] ? null : "{$part->name} still has {$named} on it";
    }
}

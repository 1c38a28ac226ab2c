<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class MetalUnknown extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'metal-unknown',
            Group::Metal,
            Severity::Stop,
            'What a metal stands cannot be said of a word nobody knows.',
            'Open the part and pick its metal anew.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Strip, Checkpoint::Medium, Checkpoint::Blast, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickMetal];
    }

    public function applies(PartRouting $plan): ?string
    {
        $metal = $plan->facts->part->metal;

        return $metal->isKnown() ? null : "{$plan->facts->part->name} is of an {$metal->name}";
    }
}

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

/** Something that is no metal. */
final class NonMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'non-metal',
            Group::Metal,
            Severity::Stop,
            'Board, glass and plastic do not carry the charge, and most do not survive the bake.',
            'Not offered: board needs a low-cure powder and a moisture check, glass a preheat, plastic a '
            .'conductive primer and a specialist.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->family() === MetalFamily::NonMetal ? "{$part->name} is {$part->metal->word()}" : null;
    }
}

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
            [Moment::Counter, Moment::Medium, Moment::Blast, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->family() === MetalFamily::NonMetal ? "{$part->name} is {$part->metal->word()}" : null;
    }
}

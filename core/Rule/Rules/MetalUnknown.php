<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Counter, Moment::Strip, Moment::Medium, Moment::Blast, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickMetal];
    }

    public function applies(Plan $plan): ?string
    {
        $metal = $plan->facts->part->metal;

        return $metal->isKnown() ? null : "{$plan->facts->part->name} is of an {$metal->name}";
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class MetalTooHot extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'metal-too-hot',
            Group::Metal,
            Severity::Stop,
            'Past its limit this metal blisters and warps.',
            'Choose a powder that cures cooler.',
            self::PRACTICE,
            [Moment::Route, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();
        $limit = $part->metal->bakeStopC;

        return $limit !== null && $hottest !== null && $hottest > $limit
            ? Said::of('{part} is {metal} and gets {hottest}; it stands {limit}', [
                'part' => $part->name,
                'metal' => $part->metal->word(),
                'hottest' => Quantity::celsius($hottest),
                'limit' => Quantity::celsius($limit),
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class AboveTemper extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'above-temper',
            Group::Metal,
            Severity::Sign,
            'Heat above its tempering temperature softens hardened or sprung steel.',
            'A cooler powder, or someone signs for the softening.',
            self::PRACTICE,
            [Moment::Route, Moment::DoorShut],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();

        return $part->isHardSteel() && $part->temperC !== null && $hottest !== null && $hottest > $part->temperC
            ? Said::of('{part} was tempered at {temper} and gets {hottest}', [
                'part' => $part->name,
                'temper' => Quantity::celsius($part->temperC),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}

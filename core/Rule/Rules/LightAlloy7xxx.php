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
use Aenum\Core\Word\Alloy;

final class LightAlloy7xxx extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-alloy-7xxx',
            Group::Metal,
            Severity::Sign,
            'Aged 7xxx alloy loses strength at any cure temperature.',
            'The maker\'s word in writing, and a name under it; or decline.',
            Said::of('makers\' sheets: 7xxx in T6 and T73 is not reheated past about {limit}', [
                'limit' => Quantity::celsius(120),
            ]),
            [Moment::Counter, Moment::DoorShut],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isLightAlloy() &&
            $part->alloy === Alloy::Aged7xxx &&
            ($plan->facts->coats !== [] || $plan->heats())
            ? "{$part->name} is of aged 7xxx alloy"
            : null;
    }
}

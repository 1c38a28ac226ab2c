<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
            Message::of('makers\' sheets: 7xxx in T6 and T73 is not reheated past about {limit}', [
                'limit' => Quantity::celsius(120),
            ]),
            [Checkpoint::Counter, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isLightAlloy() &&
            $part->alloy === Alloy::Aged7xxx &&
            ($plan->facts->coats !== [] || $plan->heats())
            ? "{$part->name} is of aged 7xxx alloy"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();

        return $part->isHardSteel() && $part->temperC !== null && $hottest !== null && $hottest > $part->temperC
            ? Message::of('{part} was tempered at {temper} and gets {hottest}', [
                'part' => $part->name,
                'temper' => Quantity::celsius($part->temperC),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}

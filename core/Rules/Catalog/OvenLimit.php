<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class OvenLimit extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oven-limit',
            Group::Equipment,
            Severity::Stop,
            'A bake past the oven\'s limit trips it, or worse.',
            'A cooler powder, or another oven.',
            'the oven maker\'s plate',
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $max = $plan->facts->equipment->ovenMaxC;
        $hottest = $plan->hottestBakeC();

        return $max !== null && $hottest !== null && $hottest > $max
            ? Message::of('a bake at {hottest} is planned, the oven stops at {max}', [
                'hottest' => Quantity::celsius($hottest),
                'max' => Quantity::celsius($max),
            ])
            : null;
    }
}

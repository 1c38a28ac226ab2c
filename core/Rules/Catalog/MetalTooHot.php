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
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();
        $limit = $part->metal->bakeStopC;

        return $limit !== null && $hottest !== null && $hottest > $limit
            ? Message::of('{part} is {metal} and gets {hottest}; it stands {limit}', [
                'part' => $part->name,
                'metal' => $part->metal->word(),
                'hottest' => Quantity::celsius($hottest),
                'limit' => Quantity::celsius($limit),
            ])
            : null;
    }
}

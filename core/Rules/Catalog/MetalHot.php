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

final class MetalHot extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'metal-hot',
            Group::Metal,
            Severity::Warn,
            'Close to what this metal stands it begins to blister.',
            'Choose a powder that cures cooler.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();
        $limit = $part->metal->bakeWarnC;

        return $limit !== null && $hottest !== null && $hottest > $limit && $hottest <= ($part->metal->bakeStopC ?? INF)
            ? Message::of('{part} is {metal} and gets {hottest}; past {limit} it is at risk', [
                'part' => $part->name,
                'metal' => $part->metal->word(),
                'hottest' => Quantity::celsius($hottest),
                'limit' => Quantity::celsius($limit),
            ])
            : null;
    }
}

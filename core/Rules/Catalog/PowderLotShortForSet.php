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

final class PowderLotShortForSet extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lot-short-set',
            Group::Order,
            Severity::Sign,
            'Two lots of one powder differ a little, and a set shows it.',
            'One lot for all of it, or a name under two.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $coat = $plan->floor->coat;

        return $coat?->shortG !== null && $coat->shortG > 0.0 && $coat->matches
            ? Message::of('the lot lacks {short} for a set that must match', ['short' => Quantity::gram($coat->shortG)])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;

final class BackIonization extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'charge-kicks',
            Group::Equipment,
            Severity::Warn,
            'Powder that lies this charged breaks through and throws itself off: stars in the film.',
            'Lower the current, lay less at a time, let it drain to earth, see to the earth.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    /** Over this the air in the pores breaks through. */
    public const MOST = 1.0;

    public function applies(PartRouting $plan): ?Message
    {
        $index = $plan->floor->coat?->index;

        return $index !== null && $index > self::MOST
            ? Message::of('the charge index comes to {index}', ['index' => (string) round($index, 2)])
            : null;
    }
}

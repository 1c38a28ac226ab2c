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

final class AboveSoftening extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'above-softening',
            Group::Order,
            Severity::Sign,
            'Above its softening point powder melts as it lands: the hot way, thick and not to be undone.',
            'Let it cool, or a name under the hot way.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $coat = $plan->floor->coat;
        $hot = $coat?->partC !== null && $coat->softensC !== null && $coat->partC > $coat->softensC;

        return $hot
            ? Message::of('the part is at {part}; this powder softens at {softens}', [
                'part' => Quantity::celsius((float) $coat->partC),
                'softens' => Quantity::celsius((float) $coat->softensC),
            ])
            : null;
    }
}

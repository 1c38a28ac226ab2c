<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;

final class MediumSpent extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'medium-spent',
            Group::Metal,
            Severity::Note,
            'A medium past its life is mostly dust: it cleans slowly and leaves little profile.',
            'Sieve it, top it up, or change it.',
            self::HOUSE,
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->used !== null && $lot->used > 1
            ? Message::of('this {medium} has {percent} % of its life behind it', [
                'medium' => $lot->medium->name,
                'percent' => (int) round(100 * $lot->used),
            ])
            : null;
    }
}

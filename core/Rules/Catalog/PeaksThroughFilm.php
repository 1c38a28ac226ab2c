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

final class PeaksThroughFilm extends Rule
{
    /** Of the whole film, peaks may take this share. General practice of the trade. */
    public const MOST_SHARE = 1 / 3;

    public function __construct()
    {
        parent::__construct(
            'peaks-through-film',
            Group::Order,
            Severity::Warn,
            'Blast peaks near the film\'s top rust through first.',
            'Finer media, or two coats with flow between.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast, Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $rz = $plan->facts->blast?->rzMicrons;
        $film = $plan->facts->filmMicrons();

        return $rz !== null && $film > 0 && $rz > $film * self::MOST_SHARE
            ? Message::of('blast peaks of {rz} under a film of {film}', [
                'rz' => Quantity::micron(round($rz)),
                'film' => Quantity::micron($film),
            ])
            : null;
    }
}

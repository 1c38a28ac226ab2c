<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

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
            [Moment::Counter, Moment::Medium, Moment::Blast, Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $rz = $plan->facts->blast?->rzMicrons;
        $film = $plan->facts->filmMicrons();

        return $rz !== null && $film > 0 && $rz > $film * self::MOST_SHARE
            ? Said::of('blast peaks of {rz} under a film of {film}', [
                'rz' => Quantity::micron(round($rz)),
                'film' => Quantity::micron($film),
            ])
            : null;
    }
}

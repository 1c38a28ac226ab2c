<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PeaksThroughFilm extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'peaks-through-film', Group::Order, Severity::Warn,
            'Blast peaks near the film\'s top rust through first.',
            'Finer media, or two coats with flow between.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $rz = $plan->facts->blast?->rzMicrons;
        $film = $plan->facts->filmMicrons();

        return $rz !== null && $film > 0 && $rz > $film / 3
            ? sprintf('blast peaks of %.0f µm under a film of %.0f µm', $rz, $film)
            : null;
    }
}

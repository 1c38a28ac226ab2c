<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PeaksThroughFilm implements Rule
{
    public function key(): string
    {
        return 'peaks-through-film';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function reason(): string
    {
        return 'Blast peaks near the film\'s top rust through first.';
    }

    public function wayOut(): string
    {
        return 'Finer media, or two coats with flow between.';
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

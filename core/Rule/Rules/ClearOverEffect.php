<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ClearOverEffect extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-over-effect', Group::Order, Severity::Note,
            'Metallic and bright effects wear and dull without a clear.',
            'Plan a clear on top; it dulls the brightest a little.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $effect = array_filter($plan->facts->coats, fn ($coat): bool => $coat->effect !== 'plain');
        $last = $plan->facts->coats === [] ? null : $plan->facts->coats[count($plan->facts->coats) - 1];

        return $effect !== [] && $last !== null && $last->role !== 'clear'
            ? 'an effect coat has no clear on it'
            : null;
    }
}

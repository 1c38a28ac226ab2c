<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class HookLoad extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'hook-load', Group::Equipment, Severity::Stop,
            'A hook past its load opens in the oven.',
            'A stronger hook, or two, and jig it.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $hook = $plan->facts->equipment->hookKg;

        return $hook !== null && $part->massKg !== null && $part->massKg > $hook
            ? sprintf('one piece is %.1f kg, the hook carries %.1f kg', $part->massKg, $hook)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ReliefBakeMissing extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-missing', Group::Metal, Severity::Stop,
            'Hydrogen from the acid stays in hardened steel unless it is baked out at once.',
            'Bake at 190 to 220 °C for at least 4 h, within 4 h of the acid.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $relief = $plan->all(StepKind::ReliefBake)[0] ?? null;
        $done = $relief !== null && $relief->celsius >= 190 && $relief->celsius <= 220 && $relief->holdMinutes >= 240;

        return $part->hardened && $part->isSteel() && $plan->has(StepKind::Acid) && ! $done
            ? "{$part->name} is hardened, acid is planned, and no relief bake of 4 h at 190 to 220 °C"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Role;

final class ClearOverEffect extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-over-effect',
            Group::Order,
            Severity::Note,
            'Metallic and bright effects wear and dull without a clear.',
            'Plan a clear on top; it dulls the brightest a little.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $coats = $plan->facts->coats;
        $last = $coats === [] ? null : $coats[count($coats) - 1];

        return $plan->facts->asksClear() && $last !== null && $last->role !== Role::Clear
            ? 'an effect coat has no clear on it'
            : null;
    }
}

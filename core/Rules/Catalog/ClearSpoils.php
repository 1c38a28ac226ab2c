<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Role;

final class ClearSpoils extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-spoils',
            Group::Order,
            Severity::Warn,
            'The sheet says a clear spoils the effect.',
            'No clear on it, or another base.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $above = $plan->facts->coats[$n + 1] ?? null;
            if ($coat->clear === ClearNeed::Spoils && $above?->role === Role::Clear) {
                return 'coat '.($n + 2).' is a clear on a powder it spoils';
            }
        }

        return null;
    }
}

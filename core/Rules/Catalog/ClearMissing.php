<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Role;

final class ClearMissing extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-missing',
            Group::Order,
            Severity::Warn,
            'Without its clear the effect is not what was bought, or does not last.',
            'Plan the clear its sheet names.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $above = array_slice($plan->facts->coats, $n + 1);
            $clear = array_filter($above, fn (CoatFacts $one): bool => $one->role === Role::Clear) !== [];
            if ($coat->clear->asksClear() && ! $clear) {
                return 'coat '.($n + 1)." {$coat->clear->label()}, and none is planned";
            }
        }

        return null;
    }
}

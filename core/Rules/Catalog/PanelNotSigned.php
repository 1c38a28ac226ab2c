<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** A powder this shop has baked before, or one whose panel is signed, needs none. */
final class PanelNotSigned extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'panel-not-signed',
            Group::Order,
            Severity::Sign,
            'An effect looks like its name only on a baked panel, in daylight.',
            'Bake a test panel; the customer signs it.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            if ($coat->effect->asksPanel() && ! $coat->tried) {
                return 'coat '.($n + 1)." is {$coat->effect->label()} this shop has not baked yet";
            }
        }

        return null;
    }
}

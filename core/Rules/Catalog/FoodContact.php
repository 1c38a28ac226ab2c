<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;

/** Food or drinking water will touch the film. */
final class FoodContact extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'food-contact',
            Group::Metal,
            Severity::Sign,
            'Powder that touches food or drinking water needs a declaration for it, and most have none.',
            'The maker\'s written declaration for this powder and use, and somebody signs that it is on file.',
            'local food-contact law; the powder maker\'s declaration',
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(PartFlag::FoodContact) && $plan->facts->coats !== []
            ? "food or drinking water will touch {$part->name}"
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class AcidOnHardened extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'acid-on-hardened',
            Group::Metal,
            Severity::Sign,
            'Acid drives hydrogen into strong steel, which then breaks without warning.',
            Message::of('Strip another way; or relief-bake within {within}, and somebody signs for it.', [
                'within' => Quantity::minutes(ReliefBake::WITHIN_MIN),
            ]),
            'ISO 9588',
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isHardSteel() && $plan->usesAcid() ? "{$part->name} is hard steel and acid is planned" : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\CoatPolicy;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class WarmFirstCoat extends Rule
{
    /** Coated cold below this, °C part metal. General practice of the trade. */
    public const COLD_C = 40.0;

    public function __construct()
    {
        parent::__construct(
            'warm-first-coat',
            Group::Order,
            Severity::Warn,
            'Powder on hot metal melts as it lands, sags, and cannot be blown off.',
            Message::of(
                'Let it cool below {cold}, or choose the warm way.',
                ['cold' => Quantity::celsius(self::COLD_C)],
            ),
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $hot = $plan->last(fn (Step $step): bool => $step->kind->bakes() && $step->kind !== StepKind::Warm, $coat);
        $cool = $hot === null ? null : $plan->firstFrom($hot, StepKind::Cool);
        $warm = $plan->facts->house->coat !== CoatPolicy::Cold;

        return $coat !== null && $hot !== null && ! $warm && ($cool === null || $cool > $coat)
            ? "the part comes from {$plan->steps[$hot]->kind->label()} and is coated without cooling"
            : null;
    }
}

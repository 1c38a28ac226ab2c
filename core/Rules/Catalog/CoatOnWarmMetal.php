<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Application\WarmWindow;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\CoatPolicy;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class CoatOnWarmMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'coat-on-warm-metal',
            Group::Order,
            Severity::Warn,
            'Powder on warm metal lies thick in a blink and cannot be blown off.',
            'Let it cool, or choose the warm way.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->floor->coat?->partC;
        $cold = $plan->facts->house->coat === CoatPolicy::Cold;

        return $cold && $part !== null && $part >= WarmWindow::COLD_C
            ? Message::of('the part is at {part}; cold is under {cold}', [
                'part' => Quantity::celsius($part),
                'cold' => Quantity::celsius(WarmWindow::COLD_C),
            ])
            : null;
    }
}

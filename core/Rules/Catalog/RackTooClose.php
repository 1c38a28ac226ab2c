<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class RackTooClose extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rack-too-close',
            Group::Equipment,
            Severity::Warn,
            'Parts too close touch when the rack swings, drip on each other, and shade each other from the oven.',
            Message::of('Give {gap} and more.', ['gap' => Quantity::mm(Rack::LEAST_GAP_MM, 0)]),
            self::HOUSE,
            [Checkpoint::MaskAndHang],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $rack = $plan->facts->rack;
        $gap = $rack === null ? INF : min($rack->gapMm, $rack->rowGapMm);

        return $rack !== null && $gap < Rack::LEAST_GAP_MM
            ? Message::of('only {gap} between {neighbours}', [
                'gap' => Quantity::mm($gap),
                'neighbours' => $rack->rowGapMm < $rack->gapMm ? 'rows' : 'neighbours',
            ])
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Hang\Rack;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class RackTooClose extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rack-too-close',
            Group::Equipment,
            Severity::Warn,
            'Parts too close touch when the rack swings, drip on each other, and shade each other from the oven.',
            Said::of('Give {gap} and more.', ['gap' => Quantity::mm(Rack::LEAST_GAP_MM, 0)]),
            self::HOUSE,
            [Moment::MaskAndHang],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $rack = $plan->facts->rack;
        $gap = $rack === null ? INF : min($rack->gapMm, $rack->rowGapMm);

        return $rack !== null && $gap < Rack::LEAST_GAP_MM
            ? Said::of('only {gap} between {neighbours}', [
                'gap' => Quantity::mm($gap),
                'neighbours' => $rack->rowGapMm < $rack->gapMm ? 'rows' : 'neighbours',
            ])
            : null;
    }
}

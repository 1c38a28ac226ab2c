<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class RackTooLarge extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rack-too-large',
            Group::Equipment,
            Severity::Stop,
            'A rack that does not go into the oven is hung for nothing.',
            'Fewer pieces on it, or closer.',
            self::PRACTICE,
            [Moment::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SmallerRack, Remedy::FewerAtATime];
    }

    public function applies(Plan $plan): ?Said
    {
        $rack = $plan->facts->rack;
        $oven = $plan->facts->equipment->ovenMm;

        return $rack !== null && $oven !== null && ! $rack->fitsIn($oven)
            ? Said::of('the rack is {rack}, the oven is {oven}', [
                'rack' => Quantity::sides(...array_map(round(...), $rack->boxMm())),
                'oven' => Quantity::sides(...$oven),
            ])
            : null;
    }
}

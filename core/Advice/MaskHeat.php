<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Trade\StepKind;

/** The hottest bake each kind of mask sits through on a route, °C part metal; null for none. */
final readonly class MaskHeat
{
    private function __construct(public ?float $plugsSeeC, public ?float $tapeSeesC)
    {
    }

    /** The heat masks of this plan will see. */
    public static function of(PartRouting $plan): self
    {
        $any = $plan->hottestBakeC();

        return new self(
            $plan->hottestAfter(StepKind::PlugMask) ?? $any,
            $plan->hottestAfter(StepKind::TapeMask) ?? $any,
        );
    }

    /** What goes on at a pin sees so much. */
    public function at(PinKind $kind): ?float
    {
        return $kind->isPlugged() ? $this->plugsSeeC : $this->tapeSeesC;
    }
}

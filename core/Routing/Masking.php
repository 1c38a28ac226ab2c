<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\MaskingPolicy;
use Aenum\Core\Trade\StepKind;

/** Which masks go on when, by the way the house goes; every time counted. */
final readonly class Masking
{
    private int $plugs;

    private int $tapes;

    /** @param  bool  $bakedOut  a bake-out comes between the blast and the powder */
    public function __construct(private PartFacts $part, private MaskingPolicy $way, private bool $bakedOut)
    {
        $this->plugs = $this->pinsOf(fn (Feature $one): bool => $one->isPlugged());
        $this->tapes = $this->pinsOf(fn (Feature $one): bool => $one->isTaped());
    }

    /** @return list<Step> before the blast */
    public function early(): array
    {
        $plugs = $this->way === MaskingPolicy::AllLate ? 0 : $this->plugs;
        $tapes = in_array($this->way, [MaskingPolicy::AllEarly, MaskingPolicy::OffForBakeOut], true) ? $this->tapes : 0;

        return [
            ...$this->on(StepKind::PlugMask, $plugs, 'Plugs keep media out of bores and threads.'),
            ...$this->on(StepKind::TapeMask, $tapes, $this->comesOff()
                ? 'Against the blast; it comes off again for the bake-out.'
                : 'The house masks before it blasts; the tape must stand every bake.'),
        ];
    }

    /** @return list<Step> between the blast and the bake-out */
    public function beforeBakeOut(): array
    {
        $why = 'No mask is cooked: all off and counted for the bake-out, fresh ones after it.';

        return $this->comesOff() ? $this->counted(StepKind::MasksOff, $why) : [];
    }

    /** @return list<Step> before the powder */
    public function late(): array
    {
        $again = $this->comesOff();
        $plugs = $again || $this->way === MaskingPolicy::AllLate ? $this->plugs : 0;
        $early = [MaskingPolicy::AllEarly, MaskingPolicy::OffForBakeOut];
        $tapes = $again || ! in_array($this->way, $early, true) ? $this->tapes : 0;

        return [
            ...$this->on(StepKind::PlugMask, $plugs, 'Fresh plugs, after the blast.'),
            ...$this->on(StepKind::TapeMask, $tapes, 'Faces and seats that must stay metal.'),
        ];
    }

    /** @return list<Step> at the end */
    public function off(): array
    {
        return $this->counted(StepKind::Unmask, 'Every plug, cap and disc is counted off again.');
    }

    private function comesOff(): bool
    {
        return $this->way === MaskingPolicy::OffForBakeOut && $this->bakedOut;
    }

    /** @return list<Step> */
    private function on(StepKind $kind, int $features, string $why): array
    {
        return $features === 0
            ? []
            : [new Step($kind, RouteTimes::MASK_EACH * $features * $this->part->count, 0, $why)];
    }

    /** @return list<Step> */
    private function counted(StepKind $kind, string $why): array
    {
        $masks = $this->plugs + $this->tapes;

        return $masks === 0
            ? []
            : [new Step($kind, RouteTimes::UNMASK_EACH * $masks * $this->part->count, 0, $why)];
    }

    /** @param  callable(Feature): bool  $is */
    private function pinsOf(callable $is): int
    {
        return count(array_filter($this->part->features, $is));
    }
}

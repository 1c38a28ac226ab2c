<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\StepKind;

/**
 * What a step asks for once it is done: so long before anything else, and so long at most until a certain one.
 *
 * House figures of general practice, unverified, where no rule of the trade is named; the product's own sheet comes
 * first. Bare steel has its own clock, by the air.
 */
final readonly class Rest
{
    /** A phosphate or conversion layer ages, min. */
    private const LAYER_MOST = 960.0;

    /** Powder that is sprayed takes up damp and dust and falls off at a knock, min. */
    private const SPRAYED_MOST = 240.0;

    /** A film that is only flowed is tender and takes dirt, min. */
    private const FLOWED_MOST = 1440.0;

    /** Where no vapour may come along. */
    private const NO_VAPOUR = [
        StepKind::Coat, StepKind::Warm, StepKind::BakeOut, StepKind::DryOff, StepKind::Bake, StepKind::BurnOff,
    ];

    /**
     * @param  float  $least  minutes before the next step
     * @param  list<StepKind>  $before  which steps wait for that; none for any
     * @param  float|null  $most  minutes until a step of the kind must begin; null where nothing presses
     * @param  StepKind|null  $until  which step that is
     */
    private function __construct(
        public float $least,
        public ?float $most,
        public ?StepKind $until,
        public string $why,
        public array $before = [],
    ) {
    }

    /** Whether a step waits for it. */
    public function holds(StepKind $next): bool
    {
        return $this->before === [] || in_array($next, $this->before, true);
    }

    /** @param  BakeTo|null  $to  how far its coat is baked, of a bake */
    public static function after(Step $step, PartFacts $part, ?BakeTo $to = null): ?self
    {
        $agent = $step->agent;
        $acid = $agent !== null && $agent->acid && $part->isHardSteel();

        return match (true) {
            $acid => new self(
                $agent->waitAfter,
                ReliefBake::WITHIN_MIN,
                StepKind::ReliefBake,
                'hydrogen cracks hard steel that waits for its relief bake',
            ),
            $agent !== null && $agent->waitAfter > 0 => new self($agent->waitAfter, null, null, $agent->waitWhy),
            $step->kind === StepKind::SolventWipe => new self(
                RouteTimes::FLASH_OFF,
                null,
                null,
                'until the solvent has flashed off',
                self::NO_VAPOUR,
            ),
            $step->kind === StepKind::SealSeams => new self(
                RouteTimes::SEAL_SKINS,
                null,
                null,
                'until the sealer has skinned; its sheet comes first',
            ),
            $step->kind->keepsSteel() => new self(
                0,
                self::LAYER_MOST,
                StepKind::Coat,
                'the layer ages; the bath\'s sheet comes first',
            ),
            $step->kind === StepKind::Coat => new self(
                0,
                self::SPRAYED_MOST,
                StepKind::Bake,
                'sprayed powder takes up damp and falls off at a knock',
            ),
            $step->kind === StepKind::Bake && $to === BakeTo::Flow => new self(
                0,
                self::FLOWED_MOST,
                StepKind::Coat,
                'a flowed film is tender and takes dirt',
            ),
            default => null,
        };
    }
}

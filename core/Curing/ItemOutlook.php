<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Step;

/** One item in a bake as it is set. Minutes run from the start of the run. */
final readonly class ItemOutlook
{
    /** @param  list<Judgement>  $under what this bake gives each layer underneath, lowest first */
    private function __construct(
        public ?float $readyMinutes,
        public ?float $spoiltMinutes,
        public Judgement $atPull,
        public array $under,
        /** Over-bake at the pull as a share of the limit, the worst of all layers. */
        public float $excess,
        /** What it is hotter than it may get by the pull; null where it is not. */
        public ?PeakLimit $passed,
    ) {
    }

    /** @param  list<Step>  $steps */
    public static function follow(array $steps, ItemWatch $watch, BakeRules $rules, float $pullS): self
    {
        $atPull = clone $watch;
        foreach ($steps as $step) {
            if ($step->fromS >= $pullS) {
                break;
            }
            $atPull->advance($step, $step->toS > $pullS ? $pullS : null);
        }
        $meters = $atPull->meters();

        return new self(
            $rules->way->isOfTheClock()
                ? null
                : Outlook::firstMoment($steps, $watch, fn (ItemWatch $w): bool => $w->met($rules, 0)),
            Outlook::firstMoment($steps, $watch, fn (ItemWatch $w): bool => $w->excess($rules) > 1),
            Judgement::of($meters['core'], $meters['surface']),
            array_map(fn (CureMeter $meter): Judgement => Judgement::of($meter, $meter), $meters['under']),
            $atPull->excess($rules),
            $atPull->passed(),
        );
    }
}

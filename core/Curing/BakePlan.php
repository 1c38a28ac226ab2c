<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Trajectory;
use Aenum\Core\Trade\BakeTo;

/** A bake that serves every item, or the reason there is none. */
final readonly class BakePlan
{
    /** @param  list<Judgement>  $judgements one for each item */
    private function __construct(
        public bool $feasible,
        public string $why,
        public ?float $setpointC,
        /** Minutes from the start of the run, the door still open on the load, to the pull. */
        public ?float $minutes,
        public ?int $decidedBy,
        public ?int $mostHurt,
        /** When the deciding core should be seen to reach temperature: the moment to point a thermometer at it. */
        public ?float $checkAtMinutes,
        public array $judgements,
        public ?Trajectory $trajectory,
        /** The bake itself; where none serves, the one that hurts least. Null where nothing could be tried. */
        public ?Attempt $atBest,
    ) {
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     */
    public static function found(array $load, array $aims, Attempt $attempt, BakeRules $rules): self
    {
        $judgements = array_map(function (ItemWatch $watch): Judgement {
            $meters = $watch->meters();

            return Judgement::of($meters['core'], $meters['surface']);
        }, $attempt->watches);
        $minutes = ceil($attempt->pullS / 0.6) / 100;
        $decides = $judgements[$attempt->last];
        $sheet = $aims[$attempt->last]->sheet;
        $name = $load[$attempt->last]->name;
        $check = $decides->reachesMinutes ?? $minutes / 2;
        $why = match (true) {
            $aims[$attempt->last]->to === BakeTo::Part => sprintf(
                '%s decides: part cured, at a dose of %.2f, by minute %.1f.',
                $name,
                $decides->dose,
                $minutes,
            ),
            $aims[$attempt->last]->to === BakeTo::Flow => sprintf(
                '%s decides: melted and levelled at minute %.1f.',
                $name,
                $minutes,
            ),
            $rules->way->isOfTheClock() => sprintf(
                '%s: the sheet asks for %.1f min at %d C. %s has a dose of %.2f by then%s.',
                'Counted '.$rules->way->label(),
                $sheet->clockMinutes($rules->way, $attempt->setpointC),
                $attempt->setpointC,
                self::slowest($load, $judgements),
                self::leastDose($judgements),
                self::leastDose($judgements) < 1 ? ': it is under-cured' : '',
            ),
            $decides->rowServed !== null => sprintf(
                '%s decides: its core reaches %d C at minute %.1f and has its %s min at %d C by minute %.1f.',
                $name,
                $sheet->windowC,
                $check,
                self::plain($decides->rowServed->minMinutes),
                $decides->rowServed->pmtC,
                $minutes,
            ),
            default => sprintf('%s decides: its dose is full at minute %.1f.', $name, $minutes),
        };
        $hurt = $attempt->mostHurt();
        if ($judgements[$hurt]->overbake !== null) {
            $why .= sprintf(
                ' %s comes closest to over-bake, at %.2f of what its powder stands.',
                $load[$hurt]->name,
                $judgements[$hurt]->overbake,
            );
        } else {
            $why .= ' The sheet does not say what the powder stands, so over-bake is not judged.';
        }

        return new self(
            true,
            $why,
            $attempt->setpointC,
            $minutes,
            $attempt->last,
            $hurt,
            round($check, 2),
            $judgements,
            $attempt->trajectory,
            $attempt,
        );
    }

    /** No bake serves, and why. */
    public static function none(string $why, ?Attempt $atBest): self
    {
        return new self(false, $why, null, null, $atBest?->last, $atBest?->mostHurt(), null, [], null, $atBest);
    }

    /** @param  list<Judgement>  $judgements */
    private static function leastDose(array $judgements): float
    {
        return min(1e9, ...array_map(fn (Judgement $j): float => $j->dose, $judgements));
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<Judgement>  $judgements
     */
    private static function slowest(array $load, array $judgements): string
    {
        $least = self::leastDose($judgements);
        foreach ($judgements as $i => $judgement) {
            if ($judgement->dose === $least) {
                return $load[$i]->name;
            }
        }

        return '';
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}

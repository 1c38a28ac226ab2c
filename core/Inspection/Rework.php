<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Curing\Underlayer;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\CostEstimate;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;

/** One way of mending a fault: what it takes, what it leaves, and why it is not to be had where it is not. */
final readonly class Rework
{
    /** Sanding to a tooth takes so much of the film off, µm. House figure, unverified. */
    public const SANDED_UM = 15.0;

    private const DOOR_S = 60.0;

    /**
     * @param  string|null  $not  why it is not to be had; null where it is
     * @param  list<Step>  $steps  laid on the route
     * @param  float  $minutes  of hands
     * @param  float  $waitMinutes  of dwell, bakes and cooling
     * @param  list<LayerAfter>  $layers  those that stay on
     * @param  array{float, float}|null  $metalMinutes  at 200 °C, now and after; null for a metal that does not age
     * @param  float  $filmAfterUm  over the whole stack
     * @param  float  $filmMostUm  that the sheets of all coats then on it allow together
     * @param  TimingCriterion|null  $countedBy  where only a bake timed so spares the layers; null where any
     *      does
     */
    private function __construct(
        public ReworkMethod $way,
        public ?string $not,
        public array $steps,
        public float $minutes,
        public float $waitMinutes,
        public float $powderKg,
        public float $money,
        public array $layers,
        public ?array $metalMinutes,
        public float $filmAfterUm,
        public float $filmMostUm,
        public ?TimingCriterion $countedBy,
    ) {
    }

    /**
     * @return list<self> every way: those that mend it, the quickest first; then to accept it; those that are not to be
     *      had last
     */
    public static function all(ReworkCase $case, int $after): array
    {
        $all = array_map(fn (ReworkMethod $way): self => self::of($way, $case, $after), ReworkMethod::cases());
        $rank = fn (self $one): array => [$one->not !== null, $one->way === ReworkMethod::Accept, $one->minutes];
        usort($all, fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return $all;
    }

    /** @param  int  $after  coats these pieces ever had */
    public static function of(ReworkMethod $way, ReworkCase $case, int $after): self
    {
        $goesOn = match ($way) {
            ReworkMethod::Accept, ReworkMethod::Rebake => [],
            ReworkMethod::Recoat => [count($case->stack) - 1 => $case->stack[count($case->stack) - 1]],
            ReworkMethod::Strip => $case->stack,
        };
        $steps = ReworkRoute::lay($way, $case->defect, $case->facts, $case->stack, $after);
        $top = $case->stack[count($case->stack) - 1];
        $reckoned = $way === ReworkMethod::Rebake ? [ReworkRoute::bakeAgain($case->facts, $top)] : $steps;
        $facts = $case->facts->of($case->facts->part, array_values($goesOn));
        $cost = CostEstimate::of(
            new PartRouting($facts, $reckoned),
            array_values(array_intersect_key($case->powders, $goesOn)),
            0.0,
            $case->ambientC,
            $case->prices,
        );
        $layers = self::layers($way, $case, $top, TimingCriterion::Window);
        $spared = self::isSpoilt($layers) ? self::layers($way, $case, $top, TimingCriterion::Dose) : $layers;
        $counted = $spared !== $layers && ! self::isSpoilt($spared) ? TimingCriterion::Dose : null;
        $layers = $counted === null ? $layers : $spared;
        $metal = self::metal($case, $reckoned);

        return new self(
            $way,
            self::whyNot($way, $case, $layers) ?? self::metalStands($way, $case, $metal),
            $steps,
            $cost->handMinutes,
            $cost->waitMinutes,
            $cost->powderKg,
            $cost->total(),
            $layers,
            $metal,
            self::filmAfter($way, $case, $goesOn),
            self::filmMost($way, $case),
            $counted,
        );
    }

    /** Its metal would have had more heat than is worth a word; the maker's limit comes first. */
    public function heatsMetalMuch(): bool
    {
        return $this->metalMinutes !== null && $this->metalMinutes[1] > max(
            MetalAging::WARN_MINUTES,
            $this->metalMinutes[0],
        );
    }

    /** Whether it takes anything at all. */
    public function isWork(): bool
    {
        return $this->way !== ReworkMethod::Accept && $this->not === null;
    }

    /** @param  list<LayerAfter>  $layers */
    private static function isSpoilt(array $layers): bool
    {
        return array_filter($layers, fn (LayerAfter $one): bool => $one->isSpoilt()) !== [];
    }

    /** @param  list<LayerAfter>  $layers */
    private static function whyNot(ReworkMethod $way, ReworkCase $case, array $layers): ?string
    {
        $spoilt = array_values(array_filter($layers, fn (LayerAfter $one): bool => $one->isSpoilt()));

        return match (true) {
            $way === ReworkMethod::Accept && $case->defect->isSafety() => 'something has to fit or move there: '
                .'it is made '
                .'right, not agreed on',
            $way === ReworkMethod::Rebake && ! $case->underCured => 'no bake mends it: the film is not short of cure',
            $way === ReworkMethod::Recoat && $case->underCured => 'the film is short of cure: it is baked first, not '
                .'coated over',
            $way === ReworkMethod::Recoat && $case->reachesMetal() => $case->toMetal === null
                ? 'it may go to metal: break one open and look first; dirt on the metal comes through the next coat too'
                : 'it goes to metal: what is on the metal comes through the next coat too',
            $spoilt !== [] && $way !== ReworkMethod::Accept => sprintf(
                '%s would be over-baked: it has had %.2f of what its powder stands, and would have %.2f',
                $spoilt[0]->name,
                (float) $spoilt[0]->now,
                (float) $spoilt[0]->after,
            ),
            default => null,
        };
    }

    /**
     * Heat takes the strength of some metals for good: past what reheat tables allow it is not offered without a name
     * under it at the route.
     *
     * @param  array{float, float}|null  $metal
     */
    private static function metalStands(ReworkMethod $way, ReworkCase $case, ?array $metal): ?string
    {
        $isOver = $metal !== null && $metal[1] > MetalAging::SIGN_MINUTES && $metal[1] > $metal[0];

        return $isOver && $case->facts->part->losesStrength() && $way !== ReworkMethod::Accept
            ? sprintf(
                'its metal would have had %.0f min as at %.0f °C; '
                .'past %.0f only whoever answers for the part may say so',
                $metal[1],
                MetalAging::REFERENCE_C,
                MetalAging::SIGN_MINUTES,
            )
            : null;
    }

    /** @return list<LayerAfter> */
    private static function layers(ReworkMethod $way, ReworkCase $case, CoatFacts $top, TimingCriterion $clock): array
    {
        if ($way === ReworkMethod::Strip) {
            return [];
        }
        $adds = $way === ReworkMethod::Accept ? null : self::bake($way, $case, $clock);

        return array_map(fn (FilmLayer $layer, int $n): LayerAfter => new LayerAfter(
            $layer->name,
            $layer->overbake,
            $layer->overbake === null
                ? null
                : $layer->overbake + ($adds === null ? self::held($way, $layer, $top) : $adds[$n] ?? 0.0),
        ), $case->layers, array_keys($case->layers));
    }

    /** Where oven or part are not known: the hold of the top coat's bake alone. */
    private static function held(ReworkMethod $way, FilmLayer $layer, CoatFacts $top): float
    {
        $stands = $layer->sheet->stands;

        return $way === ReworkMethod::Accept || $stands === null
            ? 0.0
            : $top->bakeMinutes / $stands->minutesAt($top->bakeC);
    }

    /**
     * What the bake gives each layer, with the pieces alone in the shop's oven.
     *
     * @return array<int, float>|null over-bake by layer; null where oven, mass or area are not known, or no bake serves
     */
    private static function bake(ReworkMethod $way, ReworkCase $case, TimingCriterion $clock): ?array
    {
        [$part, $oven] = [$case->facts->part, $case->facts->equipment->oven];
        if ($oven === null || $part->massKg === null || $part->areaM2 === null || ! $part->metal->isKnown()) {
            return null;
        }
        $top = $case->layers[count($case->layers) - 1] ?? null;
        if ($top === null) {
            return null;
        }
        $under = $way === ReworkMethod::Rebake ? array_slice($case->layers, 0, -1) : $case->layers;
        $aim = CureTarget::fullCure(
            $top->sheet,
            array_map(
                fn (FilmLayer $one): Underlayer => new Underlayer($one->sheet, $one->dose, $one->overbake ?? 0.0),
                $under,
            ),
            $way === ReworkMethod::Rebake ? $top->dose : 0.0,
            $way === ReworkMethod::Rebake ? $top->overbake ?? 0.0 : 0.0,
        );
        $planner = new BakePlanner(
            $oven,
            [LoadItem::of('part', $part->count, $part->metal, $part->massKg, $part->areaM2, 0.9, 0.8)],
            [$aim],
            OvenSchedule::of($case->ambientC, min($oven->maxC ?? 200.0, 200.0), null, null, [
                Door::opened(0, self::DOOR_S),
            ]),
            BakeRules::of($clock, overbakeLimit: 1.0),
        );
        $best = $planner->plan(BakePreference::Shortest)->atBest;
        if ($best === null) {
            return null;
        }
        $meters = $best->watches[0]->meters();
        $adds = array_map(fn ($meter): float => Judgement::of($meter, $meter)->overbake ?? 0.0, $meters['under']);
        if ($way === ReworkMethod::Rebake) {
            $adds[] = Judgement::of($meters['core'], $meters['surface'])->overbake ?? 0.0;
        }

        return $adds;
    }

    /**
     * @param  list<Step>  $steps
     * @return array{float, float}|null
     */
    private static function metal(ReworkCase $case, array $steps): ?array
    {
        $part = $case->facts->part;
        if (! $part->metal->ageHardens()) {
            return null;
        }
        $holds = (new PartRouting($case->facts, $steps))->heatings();

        return [$part->metalMinutesSoFar, MetalAging::planned($part->metalMinutesSoFar, $holds)];
    }

    /** @param  array<int, CoatFacts>  $goesOn */
    private static function filmAfter(ReworkMethod $way, ReworkCase $case, array $goesOn): float
    {
        $new = array_sum(array_map(fn (CoatFacts $one): float => $one->filmMicrons, $goesOn));

        return match ($way) {
            ReworkMethod::Accept, ReworkMethod::Rebake => $case->filmNowUm(),
            ReworkMethod::Recoat => max(0.0, $case->filmNowUm() - self::SANDED_UM) + $new,
            ReworkMethod::Strip => $new,
        };
    }

    private static function filmMost(ReworkMethod $way, ReworkCase $case): float
    {
        $most = array_sum(array_map(fn (FilmLayer $one): float => $one->highUm, $case->layers));
        $top = $case->layers[count($case->layers) - 1] ?? null;

        return $way === ReworkMethod::Recoat ? $most + ($top->highUm ?? 0.0) : $most;
    }
}

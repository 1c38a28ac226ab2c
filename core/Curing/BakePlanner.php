<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\InvalidInput;

/**
 * Finds the shortest bake that serves every item, or says why there is none.
 *
 * A hotter setpoint never makes any part cooler at any moment, so the minutes needed only fall as the setpoint
 * rises: the shortest bake is the hottest setpoint at which nothing is over-baked by the time the last item is
 * done. The search comes down from the oven's limit in strides of STRIDE_C, then closes in on the edge.
 */
final class BakePlanner
{
    private const STRIDE_C = 8;

    /** Setpoints whose minutes differ by less are the same to a person; the cooler one is taken. */
    private const SAME_MINUTES = 0.02;

    /** A week: no shop bakes longer. */
    private const HORIZON_MINUTES = 10080.0;

    /** The widest window may cost so many times the shortest bake's minutes. House figure, as is the next. */
    public const WIDEST_COSTS = 1.25;

    /** A window of so many minutes is wide enough. */
    public const WIDE_MIN = 6.0;

    /** Longer windows are not told apart, min. */
    public const WINDOW_LOOK_MIN = 60.0;

    /** Whole degrees between the setpoints the least energy is first looked for at. */
    private const ENERGY_STRIDE_C = 4;

    /** @var array<int, Attempt> by setpoint */
    private array $tried = [];

    /** @var array<int, RecordedRun> by setpoint */
    private array $tapes = [];

    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims  one for each item, in the same order
     * @param  OvenSchedule  $schedule  its setpoint is ignored; everything else is kept
     */
    public function __construct(
        private readonly Oven $oven,
        private readonly array $load,
        private readonly array $aims,
        private readonly OvenSchedule $schedule,
        private readonly BakeRules $rules,
        private readonly float $exchange = 1.0,
    ) {
        if ($load === [] || count($load) !== count($aims)) {
            throw InvalidInput::outside('items', $load, 'at least one item, each with its aim');
        }
    }

    /** The bake that is preferred of those that serve, or why none does. */
    public function plan(BakePreference $prefer = BakePreference::Shortest): BakePlan
    {
        [$lowest, $highest] = $this->range();
        if ($highest < $lowest) {
            return BakePlan::none($this->notWithin($lowest), null);
        }
        $best = $this->hottestThatServes($lowest, $highest);
        if ($best !== null) {
            return BakePlan::found($this->load, $this->aims, $this->preferred($prefer, $best, $lowest), $this->rules);
        }

        return $this->leastBad($highest);
    }

    /** @return list<PlanChoice> each preference with its figures, the default first; none where nothing serves */
    public function choices(): array
    {
        $choices = [];
        foreach (BakePreference::cases() as $prefer) {
            $plan = $this->plan($prefer);
            if ($plan->feasible && $plan->atBest !== null) {
                $peaks = array_map(fn (Judgement $one): float => $one->peakC, $plan->judgements);
                $choices[] = new PlanChoice(
                    $prefer,
                    $plan,
                    $this->windowMinutes($plan->atBest),
                    $plan->atBest->trajectory->energyKwh($plan->atBest->pullS),
                    max(0.0, ...$peaks),
                );
            }
        }

        return $choices;
    }

    private function preferred(BakePreference $prefer, Attempt $shortest, int $lowest): Attempt
    {
        return match ($prefer) {
            BakePreference::Shortest => $shortest,
            BakePreference::Widest => $this->widest($shortest, $lowest),
            BakePreference::Energy => $this->leastEnergy($shortest, $lowest),
        };
    }

    /**
     * The coolest that costs at most a quarter more time and leaves six minutes between done and too much; where none
     * does, the one that leaves most.
     */
    private function widest(Attempt $shortest, int $lowest): Attempt
    {
        $most = self::WIDEST_COSTS * $shortest->pullS;
        $affordable = [];
        for ($setpoint = (int) $shortest->setpointC; $setpoint >= $lowest; $setpoint--) {
            $attempt = $this->try($setpoint);
            if (! $attempt->serves() || $attempt->pullS > $most) {
                break;
            }
            $affordable[] = $attempt;
        }
        $best = $shortest;
        $window = -INF;
        foreach (array_reverse($affordable) as $attempt) {
            $leaves = $this->windowMinutes($attempt);
            if ($leaves >= self::WIDE_MIN) {
                return $attempt;
            }
            if ($leaves > $window) {
                [$best, $window] = [$attempt, $leaves];
            }
        }

        return $best;
    }

    private function leastEnergy(Attempt $shortest, int $lowest): Attempt
    {
        $best = $shortest;
        $spent = fn (Attempt $attempt): float => $attempt->trajectory->energyKwh($attempt->pullS);
        $take = function (int $setpoint) use (&$best, $spent): bool {
            $attempt = $this->try($setpoint);
            if ($attempt->serves() && $spent($attempt) < $spent($best)) {
                $best = $attempt;
            }

            return $attempt->serves();
        };
        for ($setpoint = (int) $shortest->setpointC; $setpoint >= $lowest; $setpoint -= self::ENERGY_STRIDE_C) {
            if (! $take($setpoint)) {
                break;
            }
        }
        $middle = (int) $best->setpointC;
        for ($off = 1 - self::ENERGY_STRIDE_C; $off < self::ENERGY_STRIDE_C; $off++) {
            if ($middle + $off >= $lowest && $middle + $off <= $shortest->setpointC) {
                $take($middle + $off);
            }
        }

        return $best;
    }

    /** Minutes from done to the first item's too much, as far as it is looked. */
    private function windowMinutes(Attempt $attempt): float
    {
        $tape = $this->tapes[(int) $attempt->setpointC];
        $endS = $attempt->pullS + 60 * self::WINDOW_LOOK_MIN;
        $steps = $tape->until($endS, $this->load)->steps;
        $first = $endS / 60;
        foreach ($this->aims as $i => $aim) {
            $spoilt = Outlook::firstMoment(
                $steps,
                new ItemWatch($aim, $tape->balance, $i),
                fn (ItemWatch $watch): bool => $watch->excess($this->rules) > 1,
            );
            $first = min($first, $spoilt ?? INF);
        }

        return max(0.0, $first - $attempt->pullS / 60);
    }

    /** The same load at one setpoint, however it turns out. */
    public function at(float $setpointC): Attempt
    {
        $schedule = $this->schedule->at($setpointC);
        $recorded = new RecordedRun(
            new Simulation($this->oven, $this->load, $schedule, $this->exchange),
            60 * self::HORIZON_MINUTES,
        );

        $this->tapes[(int) $setpointC] = $recorded;

        return (new AttemptRun($recorded, $this->load, $this->aims, $schedule, $this->rules))->follow();
    }

    private function try(int $setpointC): Attempt
    {
        return $this->tried[$setpointC] ??= $this->at($setpointC);
    }

    private function hottestThatServes(int $lowest, int $highest): ?Attempt
    {
        $coolest = $highest;
        for (
            $setpoint = $highest;
            $setpoint >= $lowest;
            $setpoint = $setpoint > $lowest ? max($lowest, $setpoint - self::STRIDE_C) : $lowest - 1
        ) {
            $attempt = $this->try($setpoint);
            if ($attempt->serves()) {
                return $this->edge($setpoint, min($highest, $setpoint + self::STRIDE_C), $lowest);
            }
            if ($attempt->outcome === Outcome::NeverDone) {
                break;
            }
            $coolest = $setpoint;
        }

        return $this->inTheDip($coolest, $lowest, $highest);
    }

    /**
     * Between a setpoint that serves and a hotter one that may not: the hottest that does; then as cool as costs
     * nothing.
     */
    private function edge(int $serving, int $tooHot, int $lowest): Attempt
    {
        while ($tooHot - $serving > 1) {
            $middle = intdiv($serving + $tooHot, 2);
            if ($this->try($middle)->serves()) {
                $serving = $middle;
            } else {
                $tooHot = $middle;
            }
        }
        while ($serving > $lowest) {
            $cooler = $this->try($serving - 1);
            if (! $cooler->serves() || $cooler->pullS - $this->try($serving)->pullS > 60 * self::SAME_MINUTES) {
                break;
            }
            $serving--;
        }

        return $this->try($serving);
    }

    /**
     * The over-bake at the pull falls and then rises with the setpoint: too cool, and everything waits for the heavy
     * part; too hot, and the light one runs ahead. Where no stride served, this goes down into the dip between them.
     */
    private function inTheDip(int $coolest, int $lowest, int $highest): ?Attempt
    {
        $best = $coolest;
        foreach ($this->tried as $setpoint => $attempt) {
            if ($this->depth($setpoint) < $this->depth($best)) {
                $best = $setpoint;
            }
        }
        [$low, $high] = [max($lowest, $best - self::STRIDE_C + 1), min($highest, $best + self::STRIDE_C - 1)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->depth($middle) <= $this->depth($middle + 1)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $this->try($low)->serves() ? $this->edge($low, min($highest, $low + self::STRIDE_C), $lowest) : null;
    }

    private function depth(int $setpoint): float
    {
        $attempt = $this->try($setpoint);

        return $attempt->outcome === Outcome::NeverDone ? INF : $attempt->excess();
    }

    /** @return array{int, int} whole degrees to search */
    private function range(): array
    {
        $lowest = min(INF, ...array_map(fn (CureTarget $aim): float => $aim->worksFromC(), $this->aims));

        $limit =
            $this->oven->maxC ??
            throw InvalidInput::missing('oven.max_c', 'the hottest setpoint the oven may be given, -40 to 700');
        $hottest = min(INF, ...array_map(fn (CureTarget $aim): float => $aim->hottestC(), $this->aims));

        return [(int) ceil($lowest), (int) floor(min($limit, $hottest))];
    }

    private function notWithin(int $lowest): string
    {
        return "The oven stops at {$this->oven->maxC} C; the coolest row of the sheet asks for {$lowest} C.";
    }

    /** Why no bake serves all, told on the one that hurts least. */
    private function leastBad(int $highest): BakePlan
    {
        $best = $this->try($highest);
        foreach ($this->tried as $attempt) {
            if (
                $attempt->outcome !== Outcome::NeverDone &&
                ($best->outcome === Outcome::NeverDone || $attempt->excess() < $best->excess())
            ) {
                $best = $attempt;
            }
        }
        $late = $this->load[$best->last]->name;
        $hurt = $this->load[$best->mostHurt()]->name;
        $passed = $best->watches[$best->mostHurt()]->passed();

        return BakePlan::none(
            match (true) {
                $best->outcome === Outcome::NeverDone => sprintf(
                    '%s never gets there: at %d C its core settles at %.0f C.',
                    $late,
                    $best->setpointC,
                    $best->coreAtEndC($best->last),
                ),
                $passed !== null => sprintf(
                    '%s would get hotter than the %.0f C that %s allows, at best (%d C, %.1f min).',
                    $hurt,
                    $passed->celsius,
                    $passed->why,
                    $best->setpointC,
                    $best->pullS / 60,
                ),
                $hurt === $late => sprintf(
                    '%s itself stands at %.2f times its over-bake limit by the time it is cured, at best (%d C, '
                        .'%.1f min).',
                    $late,
                    $best->excess(),
                    $best->setpointC,
                    $best->pullS / 60,
                ),
                default => sprintf(
                    '%s is done at minute %.1f at best (%d C); by then %s is at %.2f times its over-bake limit. '
                        .'Bake them apart.',
                    $late,
                    $best->pullS / 60,
                    $best->setpointC,
                    $hurt,
                    $best->excess(),
                ),
            },
            $best,
        );
    }
}

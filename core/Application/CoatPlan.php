<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** How one coat is sprayed: zone by zone, what to weigh out, how long it takes, how near it is to kicking. */
final readonly class CoatPlan
{
    /** The gun is on for part of the time; the rest is moving, turning, looking. House figure, unverified. */
    private const MOVING = 1.5;

    /** Taking a piece on and looking it over, min. House figure, unverified. */
    private const EACH_MIN = 0.4;

    /** An earth whose voltage is a smaller share of what breaks through is no lever. House figure. */
    private const FELT = 0.02;

    /** A current that is as low as guns go while they still charge, µA. General practice. */
    private const LOW_UA = 10.0;

    /** @param  non-empty-list<ZonePlan>  $zones  in spraying order */
    private function __construct(
        public CoatTask $task,
        public array $zones,
        public float $sprayG,
        public float $keepsG,
        public float $reserveG,
        public float $plainMinutes,
        public float $minutes,
        public Charge $charge,
    ) {
    }

    /** The plan of a task. */
    public static function of(CoatTask $task): self
    {
        $isRecess = fn (Zone $zone): bool => $zone->kind === ZoneKind::Recess;
        $hasRecesses = array_filter($task->zones, $isRecess) !== [];
        $planned = [];
        $face = null;
        foreach ($task->zones as $n => $zone) {
            if (! $isRecess($zone)) {
                $planned[$n] = ZonePlan::face($task, $zone, $hasRecesses);
                $face = $zone->kind === ZoneKind::Face ? $planned[$n] : $face ?? $planned[$n];
            }
        }
        foreach ($task->zones as $n => $zone) {
            if ($face !== null && $isRecess($zone)) {
                $planned[$n] = ZonePlan::recess($task, $zone, $face);
            }
        }
        ksort($planned);
        $zones = array_values($planned);
        $spray = array_sum(array_map(fn (ZonePlan $one): float => $one->grams, $zones));
        $on = array_sum(array_map(fn (ZonePlan $one): float => $one->onMinutes, $zones));
        $plain = self::MOVING * $on + self::EACH_MIN * $task->pieces;

        return new self(
            $task,
            $zones === [] ? throw new \LogicException('a part has zones') : $zones,
            $spray,
            $task->gun->feed->keepsG(),
            $task->reserve * $spray,
            $plain,
            $task->minutesFactor * $plain,
            self::chargeOf($task, $zones),
        );
    }

    /** What goes into cup or hopper, g, to whole fives: what lands and flies past, what the feed keeps, a redo. */
    public function weighOutG(): float
    {
        return 5 * ceil(($this->sprayG + $this->keepsG + $this->reserveG) / 5);
    }

    /** Passes over all zones. */
    public function passes(): int
    {
        return array_sum(array_map(fn (ZonePlan $one): int => $one->passes, $this->zones));
    }

    /** Where the film is thickest, µm. */
    public function thickestUm(): float
    {
        return max(array_map(fn (ZonePlan $one): float => max($one->filmUm, $one->besideUm), $this->zones));
    }

    /** @return list<ZonePlan> that stay under the band whatever is done with passes */
    public function thin(): array
    {
        return array_values(array_filter($this->zones, fn (ZonePlan $one): bool => $one->isThin));
    }

    /** @return list<ZonePlan> past the band */
    public function thick(): array
    {
        return array_values(array_filter($this->zones, fn (ZonePlan $one): bool => $one->isThick));
    }

    /**
     * What the index would be with one thing changed.
     *
     * @return list<array{what: Message, index: float}>
     */
    public function levers(): array
    {
        $task = $this->task;
        $thickest = $this->thickestZone();
        $film = max($thickest->filmUm, $thickest->besideUm);
        $now = $thickest->setting->microAmps;
        $levers = [];
        if ($now > self::LOW_UA && $task->gun->kind->limitsCurrent()) {
            $levers[] = [
                'what' => Message::of('current down to {ua} µA', ['ua' => self::LOW_UA]),
                'index' => $task->charge($film, self::LOW_UA)->index,
            ];
        }
        if ($thickest->passes > 1) {
            $less = max(0.0, $film - $thickest->perPassUm);
            $levers[] = [
                'what' => Message::of('a pass less, {film}', ['film' => Quantity::micron($less)]),
                'index' => $task->charge($less, $now)->index,
            ];
        }
        if ($task->underUm > 0.0) {
            $levers[] = [
                'what' => Message::from('were there no film below'),
                'index' => $task->charge($film, $now, underUm: 0.0)->index,
            ];
        }
        if ($this->charge->earthV > self::FELT * $this->charge->breakdownV) {
            $levers[] = [
                'what' => Message::from('good earth'),
                'index' => $task->charge($film, $now, ohms: 0.0)->index,
            ];
        }

        return $levers;
    }

    /** The zone whose film is thickest. */
    public function thickestZone(): ZonePlan
    {
        $zones = $this->zones;
        usort($zones, fn (ZonePlan $a, ZonePlan $b): int => max($b->filmUm, $b->besideUm)
            <=> max($a->filmUm, $a->besideUm));

        return $zones[0];
    }

    /** @param  list<ZonePlan>  $zones */
    private static function chargeOf(CoatTask $task, array $zones): Charge
    {
        $most = Charge::of(0, $task->specificGravity);
        foreach ($zones as $one) {
            $here = $task->charge(max($one->filmUm, $one->besideUm), $one->setting->microAmps);
            $most = $here->index > $most->index ? $here : $most;
        }

        return $most;
    }
}

<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;

/**
 * A lot on its route: which steps are closed, where it goes next, and what a move would pass over.
 *
 * A step is closed when it is done or somebody has said why it is not needed; put off, it stays open. Steps that pass
 * by themselves are never asked for.
 */
final readonly class StepProgress
{
    /** @var list<StepKey> of the steps, in their order */
    public array $keys;

    /**
     * @param  list<Step>  $steps  the route, in order
     * @param  array<string, StepOutcome>  $outcomes  by StepKey::text(); what the route does not hold counts for
     *                                                 nothing
     */
    public function __construct(public array $steps, private array $outcomes)
    {
        $this->keys = StepKey::all($steps);
    }

    /** What became of a step; null where nothing yet. */
    public function outcome(int $position): ?StepOutcome
    {
        return $this->outcomes[$this->keys[$position]->text()] ?? null;
    }

    /** Whether something is still asked for. */
    public function isOpen(int $position): bool
    {
        return ! $this->steps[$position]->kind->passesByItself() &&
            $this->outcome($position)?->closes() !== true;
    }

    /** Position of a step by its key; null where the route does not hold it. */
    public function position(string $key): ?int
    {
        foreach ($this->keys as $n => $one) {
            if ($one->text() === $key) {
                return $n;
            }
        }

        return null;
    }

    /** The first open step of these kinds, of a coat where one is named; null where there is none. */
    public function firstOpen(?int $coat, StepKind ...$kinds): ?int
    {
        foreach ($this->steps as $n => $step) {
            $is = in_array($step->kind, $kinds, true) && ($coat === null || $step->coat === $coat);
            if ($is && $this->isOpen($n)) {
                return $n;
            }
        }

        return null;
    }

    /**
     * What has to be cleaned before the powder of a coat goes on.
     *
     * @return list<int> open steps before the coat that nobody has put off
     */
    public function beforePowder(int $coat): array
    {
        $at = $this->firstOpen($coat, StepKind::Coat);

        return $at === null ? [] : array_values(array_filter(
            $this->due(),
            fn (int $n): bool => $n < $at && $this->stationOf($n) === Station::Wash,
        ));
    }

    /** The first step of a kind behind a position, where it is open; null where it is closed or there is none. */
    public function firstOpenAfter(int $position, StepKind $kind): ?int
    {
        foreach ($this->steps as $n => $step) {
            if ($n > $position && $step->kind === $kind) {
                return $this->isOpen($n) ? $n : null;
            }
        }

        return null;
    }

    /**
     * The first open step of a kind that puts masks on, as far as the masks before it are off; null where there is
     * none.
     */
    public function masksDue(StepKind $kind): ?int
    {
        $due = $this->firstOpen(null, $kind);
        $off = $this->firstOpen(null, StepKind::MasksOff);

        return $due !== null && $off !== null && $off < $due ? null : $due;
    }

    /** The step hands do next: the first that is open and not put off; else the first put off; null at the end. */
    public function next(): ?int
    {
        return $this->inTurn()[0] ?? null;
    }

    /** @return list<int> what is to be done at a station before the lot leaves it for the next one */
    public function here(Station $at): array
    {
        $here = [];
        foreach ($this->due() as $n) {
            if ($this->stationOf($n) !== $at) {
                break;
            }
            $here[] = $n;
        }

        return $here;
    }

    /** Where the lot goes when its work at a station is over. */
    public function nextStation(Station $from): Station
    {
        foreach ($this->inTurn() as $n) {
            if ($this->stationOf($n) !== $from) {
                return $this->stationOf($n);
            }
        }

        return Station::Release;
    }

    /** Whether the route has something open at a station, so that going there is its way and no exception. */
    public function leadsTo(Station $to): bool
    {
        return $to === Station::Release ? $this->passed(Station::Intake, $to) === [] : $this->firstAt($to) !== null;
    }

    /**
     * Steps a move from one station to another would leave behind undone.
     *
     * Nothing put off is asked about again, but on the way to Release, where nothing may be open any more.
     *
     * @return list<int>
     */
    public function passed(Station $from, Station $to): array
    {
        if ($to === Station::Release) {
            return array_values(
                array_filter($this->open(), fn (int $n): bool => $this->stationOf($n) !== Station::Release),
            );
        }
        $first = $this->firstAt($to);
        $isPassed = match (true) {
            $first !== null => fn (int $n): bool => $n < $first,
            $to->isAfter($from) => fn (int $n): bool => $to->isAfter($this->stationOf($n)),
            default => fn (int $n): bool => false,
        };

        return array_values(array_filter($this->due(), $isPassed));
    }

    /** @return list<int> everything open, but handing over itself */
    public function undone(): array
    {
        $isWork = fn (int $n): bool => $this->steps[$n]->kind !== StepKind::Release;

        return array_values(array_filter($this->open(), $isWork));
    }

    /** How many steps are closed. */
    public function closed(): int
    {
        return count(
            array_filter(array_keys($this->steps), fn (int $n): bool => $this->outcome($n)?->closes() === true),
        );
    }

    /** How many steps are asked for. */
    public function asked(): int
    {
        return count(array_filter($this->steps, fn (Step $step): bool => ! $step->kind->passesByItself()));
    }

    /** @return list<int> what is open in the order it is done: what is due, what was put off, handing over last */
    private function inTurn(): array
    {
        $isWork = fn (int $n): bool => $this->steps[$n]->kind !== StepKind::Release;
        $due = array_filter($this->due(), $isWork);

        return array_values(array_unique([...$due, ...$this->undone(), ...$this->open()]));
    }

    /** @return list<int> open and not put off */
    private function due(): array
    {
        return array_values(
            array_filter($this->open(), fn (int $n): bool => $this->outcome($n) !== StepOutcome::PutOff),
        );
    }

    /** @return list<int> */
    private function open(): array
    {
        return array_values(array_filter(array_keys($this->steps), $this->isOpen(...)));
    }

    private function firstAt(Station $station): ?int
    {
        foreach ($this->open() as $n) {
            if ($this->stationOf($n) === $station) {
                return $n;
            }
        }

        return null;
    }

    private function stationOf(int $position): Station
    {
        return $this->steps[$position]->kind->station();
    }
}

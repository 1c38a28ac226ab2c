<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Curing\CureStatus;
use Aenum\Core\Routing\Pause;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Cache\RequestMemo;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepCompletion;
use Carbon\CarbonImmutable;

/** Progress of a batch on its route: done, open, next station. */
final readonly class RoutingProgress
{
    /**
     * @param  array<string, StepCompletion>  $marks  the latest of each step
     * @param  array<int, CureStatus>  $standings  of its coats, by position
     */
    private function __construct(
        public Batch $batch,
        public PartRoute $route,
        public StepProgress $walk,
        public array $marks,
        public array $standings,
        public BatchCoats $coats,
    ) {
    }

    /** On a page that is looked at, worked out once a batch. */
    public static function of(Batch $batch, ?PartRoute $route = null): self
    {
        return RequestMemo::isLook()
            ? RequestMemo::once("progress {$batch->id}", fn (): self => self::read($batch, $route))
            : self::read($batch, $route);
    }

    private static function read(Batch $batch, ?PartRoute $route): self
    {
        BatchSnapshot::ofBatch($batch);
        $route ??= PartRoute::of($batch->part, $batch);
        $marks = $batch->marks->keyBy('step')->all();
        $coats = BatchCoats::of($batch);
        $standings = $coats->every
            ->mapWithKeys(
                fn (Coat $coat): array => [$coat->position => BatchCoatStatus::standing($coat, $batch)],
            )->all();
        $walk = self::walk($route->steps, $marks, $standings, $coats);

        return new self($batch, $route, $walk, $marks, $standings, $coats);
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<string, StepCompletion>  $marks
     * @param  array<int, CureStatus>  $standings
     */
    private static function walk(array $steps, array $marks, array $standings, BatchCoats $coats): StepProgress
    {
        $outcomes = array_filter(array_map(fn (StepCompletion $mark): ?StepOutcome => $mark->stepOutcome(), $marks));
        foreach ((new StepProgress($steps, []))->keys as $key) {
            $standing = $key->coat === null ? null : $standings[$key->coat] ?? null;
            $baked = $standing?->isBaked() === true;
            $outcome = match (true) {
                // What came off again is behind it.
                $key->coat !== null && $coats->isGone($key->coat) => StepOutcome::Done,
                $key->kind === StepKind::Coat && $baked => StepOutcome::Done,
                // The film says whether its bake is behind it, whatever was ticked.
                $key->kind === StepKind::Bake && $standing?->closesBake() === true => StepOutcome::Done,
                $key->kind === StepKind::Bake && $standing?->goesBackIn() === true => null,
                default => $outcomes[$key->text()] ?? null,
            };
            unset($outcomes[$key->text()]);
            if ($outcome !== null) {
                $outcomes[$key->text()] = $outcome;
            }
        }

        return new StepProgress($steps, $outcomes);
    }

    /** Where it goes when its work where it hangs is over. */
    public function nextStation(): Station
    {
        return $this->walk->nextStation($this->batch->station);
    }

    /** The coat that waits for the oven: powder on, not what it is to be baked to; null where none does. */
    public function coatDue(): ?Coat
    {
        foreach ($this->coats->on() as $coat) {
            if (! $this->standings[$coat->position]->closesBake()) {
                return $coat;
            }
        }

        return null;
    }

    /** Whether powder is on for a coat, by the log of the gun. */
    public function isCoated(Coat $coat): bool
    {
        $open = $this->walk->firstOpen($coat->position, StepKind::Coat);

        return $open === null;
    }

    /** @return list<StepLine> every step, with what became of it */
    public function lines(): array
    {
        $next = $this->walk->next();

        return array_map(
            fn (int $n): StepLine => $this->line($n, $n === $next),
            array_keys($this->walk->steps),
        );
    }

    /**
     * Some of its steps.
     *
     * @param  list<int>  $positions
     * @return list<StepLine>
     */
    public function some(array $positions): array
    {
        return array_map(fn (int $n): StepLine => $this->line($n, false), $positions);
    }

    /** How many pieces its rack holds, where it is set and holds fewer than the lot has. */
    public function rackHolds(): ?int
    {
        $set = $this->batch->part->rack?->setting();
        $holds = $set === null ? 0 : $set->across * $set->rows;

        return $holds >= 1 && $holds < $this->batch->count ? $holds : null;
    }

    /** @return array<string, string> what may be done again, by key */
    public function closedSteps(): array
    {
        $closed = [];
        foreach ($this->lines() as $line) {
            if ($line->outcome !== null && $line->step->kind !== StepKind::Bake) {
                $closed[$line->key] = ucfirst($line->name);
            }
        }

        return $closed;
    }

    /** What its last steps ask of the time until its next one. */
    public function pause(): Pause
    {
        $ago = [];
        foreach ($this->walk->keys as $n => $key) {
            $mark = $this->marks[$key->text()] ?? null;
            $at = $key->kind === StepKind::Bake && $key->coat !== null
                ? $this->bakedAt($key->coat)
                : $mark->done_at ?? $mark?->at;
            // A coat that goes back in after a failed rub is no powder that waits for its first bake.
            $isBaked = $key->kind === StepKind::Coat && $key->coat !== null && $at !== null
                && $this->bakedAt($key->coat)?->gte($at) === true;
            if ($at !== null && ! $isBaked) {
                $ago[$n] = $at->diffInMilliseconds(ShopClock::now()) / 60000;
            }
        }
        $bakes = $this->coats->every->mapWithKeys(fn (Coat $one): array => [$one->position => $one->bakeTo()]);

        return Pause::of($this->walk, $this->route->facts->part, $ago, $bakes->all());
    }

    private function bakedAt(int $position): ?CarbonImmutable
    {
        $past = BatchHistory::of($this->batch);
        $mine = fn (OvenResult $one): bool => $one->fresh && $past->any($one->batch_id, $one->at);

        return $this->coats->every->firstWhere('position', $position)?->results->filter($mine)->max('at');
    }

    /** How far it is, in words. */
    public function progress(): string
    {
        return "{$this->walk->closed()} of {$this->walk->asked()} steps";
    }

    private function line(int $n, bool $isNext): StepLine
    {
        $step = $this->walk->steps[$n];
        $key = $this->walk->keys[$n];
        $mark = $this->marks[$key->text()] ?? null;
        $standing = $key->kind === StepKind::Bake && $key->coat !== null ? $this->standings[$key->coat] ?? null : null;

        return new StepLine(
            $key->text(),
            $step->name(),
            $step,
            $this->walk->outcome($n),
            $this->walk->isOpen($n),
            $isNext,
            $this->says($mark),
            $standing !== null && ($standing->isBaked() || $standing->measured !== null) ? $standing->words() : null,
        );
    }

    private function says(?StepCompletion $mark): ?string
    {
        if ($mark === null || $mark->outcome === StepCompletion::OPEN) {
            return $mark?->why;
        }
        $when = ShopClock::time($mark->done_at ?? $mark->at);
        $by = $mark->who ?? $mark->user->name;
        $told = $mark->source === 'told' ? ", told by {$mark->user->name} ".ShopClock::time($mark->at) : '';

        return trim("{$by}, {$when}{$told}".($mark->why === null ? '' : ": {$mark->why}"));
    }
}

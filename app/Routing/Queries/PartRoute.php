<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Cache\DerivedCache;
use App\Platform\Cache\RequestMemo;
use App\Platform\Presentation\Units;

/** The route of a part: facts, steps and findings. */
final readonly class PartRoute
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Step>  $ahead  what the rules look at: the same, without what lies before a strip
     * @param  list<Finding>  $findings  at the counter and on the route
     * @param  list<string>  $unknown  words in what is stored that this release does not know
     * @param  list<int>  $positions  of what is ahead among all steps
     * @param  bool  $isStripped  it is being coated again from bare metal
     */
    private function __construct(
        public Part $part,
        public JobFacts $facts,
        public array $steps,
        private array $ahead,
        public array $findings,
        public bool $changed,
        public array $unknown,
        private array $positions,
        private bool $isStripped,
        private PartRouting $plan,
    ) {
    }

    /** As one of its lots has it, where one is given: what was measured on that lot counts. */
    public static function of(Part $part, ?Batch $batch = null): self
    {
        return $batch !== null && RequestMemo::isLook()
            ? RequestMemo::once("route {$part->id} {$batch->id}", fn (): self => self::read($part, $batch))
            : self::read($part, $batch);
    }

    private static function read(Part $part, ?Batch $batch): self
    {
        BatchSnapshot::ofPart($part);
        $coats = $batch === null ? null : BatchCoats::of($batch);
        $read = ReadFacts::of($part, $batch);
        $changed = $part->steps->isNotEmpty();
        $planned = ($coats->reworks ?? []) === [] ? $read : ReadFacts::asPlanned($part, $batch);
        $facts = self::known($read->facts);
        [$steps, $unknown] = $changed
            ? self::stored($part)
            : [self::laidOut($planned === $read ? $facts : self::known($planned->facts)), []];
        $ways = ReworkRoute::of($steps, $coats);
        $largest = $batch ?? self::largestLot($part);
        $plan = self::shared(new PartRouting($facts, $ways->sinceStripped));
        $findings = $largest === $batch
            ? RuleBook::judge($plan, Checkpoint::Counter, Checkpoint::Route)
            : self::of($part, $largest)->findings;

        return new self(
            $part,
            $plan->facts,
            $ways->steps,
            $ways->sinceStripped,
            $findings,
            $changed,
            [...$read->unknown, ...$unknown],
            $ways->positions,
            $ways->isStripped,
            $plan,
        );
    }

    /** Two plans that are the same are one object: what was worked out of it holds for both. */
    public static function shared(PartRouting $plan): PartRouting
    {
        return RequestMemo::once('plan '.hash('xxh128', serialize($plan)), fn (): PartRouting => $plan);
    }

    /** Facts that are the same are one object. */
    private static function known(JobFacts $facts): JobFacts
    {
        return RequestMemo::once('facts '.hash('xxh128', serialize($facts)), fn (): JobFacts => $facts);
    }

    /** Where a part travels in several lots, what the clock allows is asked of the largest of them. */
    private static function largestLot(Part $part): ?Batch
    {
        $batches = $part->lotsThere();

        return $batches->count() < 2 ? null : $batches->sortByDesc('count')->first();
    }

    /** @return array{list<Step>, list<string>} the steps as a person put them, and what of them is not understood */
    private static function stored(Part $part): array
    {
        $steps = $unknown = [];
        foreach ($part->steps as $stored) {
            $step = $stored->step();
            if ($step === null) {
                $unknown[] = "step “{$stored->kind}”";
            } else {
                $steps[] = $step;
            }
        }

        return [$steps, $unknown];
    }

    /**
     * The blast in it takes what it takes with this shop's air and media: the same minutes as on the blast bench.
     *
     * @return list<Step>
     */
    private static function laidOut(JobFacts $facts): array
    {
        $key = 'laid out '.hash('xxh128', serialize($facts));

        return RequestMemo::once($key, fn (): array => DerivedCache::of(
            'laid out',
            [$facts, ...ShopBlast::restsOn()],
            fn (): array => self::layOut($facts),
        ));
    }

    /** @return list<Step> */
    private static function layOut(JobFacts $facts): array
    {
        $steps = RoutePlanner::lay($facts);
        $plan = new PartRouting($facts, $steps);
        $main = $plan->has(StepKind::Blast) ? StepKind::Blast : StepKind::SweepBlast;
        if (! $plan->has($main) || ! $facts->part->metal->isKnown()) {
            return $steps;
        }
        $blast = ShopBlast::bench($plan, new BlastSetting)->plan;
        $why = $main === StepKind::SweepBlast && $facts->part->isLargeLightAlloy()
            ? self::spares($plan, $blast)
            : null;

        return array_map(fn (Step $step): Step => match (true) {
            $step->kind !== $main => $step,
            $why === null => $step->taking($blast->minutes),
            default => $step->taking($blast->minutes)->because($why),
        }, $steps);
    }

    /** What sweeping spares against a full blast of the same part, with this shop's air and media. */
    private static function spares(PartRouting $plan, BlastPlan $sweep): Message
    {
        $full = array_map(
            fn (Step $step): Step => $step->kind === StepKind::SweepBlast
                ? new Step(StepKind::Blast, $step->minutes, 0, $step->why)
                : $step,
            $plan->steps,
        );
        $blast = ShopBlast::bench(new PartRouting($plan->facts, $full), new BlastSetting)->plan;

        return Message::of('Swept, not blasted: {min} and {kg} of media instead of {full} and {more}. '
            .'An etch made for this alloy does as well.', [
                'min' => Quantity::minutes($sweep->minutes),
                'kg' => Quantity::kg($sweep->mediaKg, 0),
                'full' => Quantity::minutes($blast->minutes),
                'more' => Quantity::kg($blast->mediaKg, 0),
            ]);
    }

    /** The same for another number of pieces; what a person has put in keeps its share of the hands laid out. */
    public function atCount(int $count): PartRouting
    {
        $facts = self::known($this->facts->of($this->facts->part->many($count), $this->facts->coats));
        $laid = self::laidOut($facts);
        if (! $this->changed) {
            return self::shared(new PartRouting($facts, $laid));
        }
        [$now, $then] = [self::handsByKind(self::laidOut($this->facts)), self::handsByKind($laid)];
        $times = fn (Step $step): float => ($now[$step->kind->value] ?? 0.0) > 0
            ? ($then[$step->kind->value] ?? 0.0) / $now[$step->kind->value]
            : $count / $this->facts->part->count;

        return self::shared(new PartRouting($facts, array_map(
            fn (Step $step): Step => $step->taking($times($step) * $step->minutes),
            $this->steps,
        )));
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, float> kind => min
     */
    private static function handsByKind(array $steps): array
    {
        $hands = [];
        foreach ($steps as $step) {
            $hands[$step->kind->value] = ($hands[$step->kind->value] ?? 0.0) + $step->minutes;
        }

        return $hands;
    }

    /** @return list<Finding> what keeps the job at Intake */
    public function holding(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding): bool => $finding->holds()));
    }

    public function tone(): string
    {
        return $this->holding() === [] ? 'good' : 'stop';
    }

    /** Whether it can go on, in a line. */
    public function headline(): string
    {
        $holding = count($this->holding());

        return match ($holding) {
            0 => sprintf(
                'It can go on: %s of hands, %s of waiting.',
                Units::minutes($this->minutes()),
                Units::minutes($this->waitMinutes()),
            ),
            1 => 'One thing holds it at Intake.',
            default => "{$holding} things hold it at Intake.",
        };
    }

    /** @return array<int, string> position => the step, as a list offers it */
    public function stepNames(): array
    {
        return array_map(
            fn (Step $step, int $n): string => ($n + 1).', '.$step->name(),
            $this->steps,
            array_keys($this->steps),
        );
    }

    /** @return array<string, int> how many findings wait for somebody, in words */
    public function waiting(): array
    {
        return array_filter([
            'stop' => $this->open(Severity::Stop),
            'to sign' => $this->open(Severity::Sign),
            'to heed' => $this->open(Severity::Warn),
        ]);
    }

    /** How many findings of a weight nobody has signed. */
    public function open(Severity $severity): int
    {
        return count(array_filter(
            $this->findings,
            fn (Finding $finding): bool => $finding->rule->severity === $severity && $finding->isOpen(),
        ));
    }

    /** How many steps ask for hands; what passes on its own, such as cooling, is not counted. */
    public function askedSteps(): int
    {
        return count(array_filter($this->steps, fn (Step $step): bool => ! $step->kind->passesByItself()));
    }

    /** @return list<Station> where its steps are done, in their order, each once */
    public function stations(): array
    {
        $stations = [];
        foreach ($this->steps as $step) {
            $station = $step->kind->station();
            $stations[$station->value] ??= $station;
        }

        return array_values($stations);
    }

    public function plan(): PartRouting
    {
        return $this->plan;
    }

    /** What is on the metal as the part arrives, in a line. */
    public function arrives(): string
    {
        return $this->arriving()->words();
    }

    /** @return list<?string> what is on the metal after each step, in a line; null where the step changes nothing */
    public function surfaceAfter(): array
    {
        $lines = [];
        $before = SurfaceLedger::arrives($this->facts->part)->words();
        foreach (SurfaceLedger::after($this->facts, $this->steps) as $surface) {
            $after = $surface->words();
            $lines[] = $after === $before ? null : $after;
            $before = $after;
        }

        return $lines;
    }

    /**
     * What is on the metal now, when some steps are done and the others are not.
     *
     * @param  callable(int): bool  $isDone  position among all steps => whether it was done
     */
    public function surfaceNow(callable $isDone): Surface
    {
        $done = [];
        foreach ($this->ahead as $n => $step) {
            if ($isDone($this->positions[$n])) {
                $done[] = $step;
            }
        }
        $after = SurfaceLedger::after($this->facts, $done, $this->arriving());

        return end($after) ?: $this->arriving();
    }

    private function arriving(): Surface
    {
        return $this->isStripped
            ? new Surface([Layer::OldPowder])
            : SurfaceLedger::arrives($this->facts->part);
    }

    public function minutes(): float
    {
        return $this->plan()->handMinutes();
    }

    public function waitMinutes(): float
    {
        return $this->plan()->waitMinutes();
    }
}

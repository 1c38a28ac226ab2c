<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Feed;
use Aenum\Core\Preparation\Blasting\BareSteelClock;
use Aenum\Core\Preparation\Racking\OvenSpace;
use Aenum\Core\Preparation\Racking\Rack as HungRack;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Scheduling\BakeFamilies;
use Aenum\Core\Scheduling\BatchOnDay;
use Aenum\Core\Scheduling\BatchWork;
use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Accounts\Models\UserStation;
use App\Application\Queries\CoatSetup;
use App\Application\Queries\ColorChanges;
use App\Catalog\Models\Bench;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Clock\ShopClock;
use App\Quoting\Models\Quote;
use App\Routing\Queries\RoutingProgress;
use App\Scheduling\Models\PlannedStep;
use App\Scheduling\Models\SchedulingPreference;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Reads the shop's current state into the planner's ShopDay. */
final class ReadShopDay
{
    /** A plan reaches so far, days. */
    public const DAYS = 90;

    /** Floor of an oven nobody has measured, and of a lot nobody has, m2. House figures, unverified. */
    private const FLOOR_M2 = 2.0;

    private const LOT_M2 = 0.5;

    private const MM2_PER_M2 = 1e6;

    private const RACK = 'rack';

    /** A lot goes in loads none of whose steps takes hands longer than this, min. House figure. */
    private const LOAD_MIN = 240.0;

    /** A lot goes in so many loads at most. */
    private const MOST_LOADS = 60;

    /** What is to go first is due now and weighs so much; a lot nobody said anything of weighs 1. */
    private const FIRST = 50.0;

    /** What was to be over is taken to be so many minutes from it, min. House figure. */
    private const NEARLY_OVER_MIN = 5.0;

    /** A step that is so many times over its minutes, and this, is taken not to have begun. House figures. */
    private const OVER_TIMES = 2.0;

    private const OVER_MIN = 30.0;

    private const NEEDS = [
        'marks.user', 'part.job', 'part.batches', 'part.rack', 'part.steps', 'part.pins', 'part.traits', 'part.ways',
        'part.signatures', 'part.coats.powder.rows', 'part.coats.results', 'part.coats.inspections.ovenLog',
    ];

    private readonly CarbonImmutable $now;

    private readonly ShopHours $hours;

    /** @var array<string, Bench|Oven> */
    private array $machines = [];

    /** @var array<string, float> oven => its floor, m2 */
    private array $floors = [];

    /** @var Collection<int, Collection<int, SchedulingPreference>> by lot */
    private Collection $wishes;

    /** @var array<int, int> job => the number of its quote nobody has answered */
    private readonly array $unanswered;

    /** @param  Collection<int, PlannedStep>  $before  the plan that stood */
    public function __construct(private readonly Collection $before)
    {
        $this->now = ShopClock::now();
        $this->hours = ShopHours::from(ShopClock::today()->utc(), self::DAYS);
        $this->unanswered = Quote::query()->where('state', 'open')
            ->where('valid_until', '>=', ShopClock::today()->toDateString())->pluck('number', 'job_id')->all();
        $this->wishes = SchedulingPreference::query()->with('user')->whereNull('withdrawn_at')->get()
            ->toBase()->groupBy('batch_id');
    }

    /**
     * The day.
     *
     * @param  list<Batch>  $also  lots that do not hang yet
     */
    public function read(array $also = []): ShopDaySnapshot
    {
        $this->machines();
        $running = OvenLoad::query()->with('items')->where('status', 'running')->get()->toBase();
        $batches = Batch::hanging()->with(self::NEEDS)->get()->toBase();
        $batches->each(fn (Batch $batch) => $batch->part->knit());
        $held = $planned = [];
        $open = [];
        foreach ([...$batches, ...$also] as $batch) {
            $walk = RoutingProgress::of($batch);
            $why = $this->holds($walk);
            if ($why === null) {
                $open[$batch->id] = [$batch, $walk];
            } else {
                $held[$batch->id] = $why;
            }
        }
        $families = $this->families($open);
        foreach ($open as $id => [$batch, $walk]) {
            $one = $this->planned($batch, $walk, $families, $running);
            if ($one->work->steps === []) {
                continue;
            }
            $planned[$id] = $one;
        }

        $first = $this->wishes->flatten()->contains(fn (SchedulingPreference $wish): bool => $wish->kind === 'first');

        return new ShopDaySnapshot(
            $this->day($planned, $running),
            $this->hours,
            $planned,
            $held,
            $this->machines,
            $this->now,
            $first,
        );
    }

    private function machines(): void
    {
        foreach (Bench::query()->whereNull('retired_at')->orderBy('id')->get() as $bench) {
            $this->machines["bench {$bench->id}"] = $bench;
        }
        $ovens = Oven::query()->whereNull('retired_at')->orderBy('id');
        foreach ($ovens->get() as $oven) {
            $mm = $oven->roomMm();
            $this->machines["oven {$oven->id}"] = $oven;
            $this->floors["oven {$oven->id}"] = $mm === null ? self::FLOOR_M2 : $mm[0] * $mm[2] / self::MM2_PER_M2;
        }
    }

    /** Why a lot cannot be planned; null where it can. */
    private function holds(RoutingProgress $walk): ?string
    {
        $atIntake = $walk->batch->station === Station::Intake;
        $quote = $this->unanswered[$walk->batch->part->job_id] ?? null;

        return match (true) {
            $atIntake && $walk->route->holding() !== [] => $walk->route->headline(),
            $atIntake && $quote !== null => "Quote {$quote} waits for an answer.",
            $walk->batch->part->coats->isEmpty() && $walk->coats->every->isEmpty() => 'No coat is chosen yet.',
            default => null,
        };
    }

    /**
     * @param  array<int, array{Batch, RoutingProgress}>  $open
     * @return array<string, string> "lot coat" => family
     */
    private function families(array $open): array
    {
        $bakes = [];
        foreach ($open as $id => [$batch, $walk]) {
            $kgM2 = ($batch->part->area_m2 ?? 0) > 0 ? ($batch->part->mass_kg ?? 0.0) / $batch->part->area_m2 : 0.0;
            foreach ($walk->coats->every as $coat) {
                $bakes["{$id} {$coat->position}"] = [$coat->powder->sheet(), $coat->bakeTo(), $kgM2];
            }
        }

        return BakeFamilies::of($bakes);
    }

    /**
     * @param  array<string, string>  $families
     * @param  Collection<int, OvenLoad>  $running
     */
    private function planned(Batch $batch, RoutingProgress $walk, array $families, Collection $running): PlannedBatch
    {
        $floor = $this->floorOf($batch);
        $most = $this->floors === [] ? self::FLOOR_M2 : max($this->floors);
        $holds = $walk->rackHolds();
        $loads = max($holds === null ? 1 : (int) ceil($batch->count / $holds), (int) ceil($floor / $most - 1e-9));
        $longest = max([0.0, ...array_map(fn (Step $step): float => $step->minutes, $walk->walk->steps)]);
        $loads = max($loads, (int) ceil($longest / self::LOAD_MIN));
        $loads = max(1, min(self::MOST_LOADS, $batch->count, $loads));
        $room = min($most, $floor / $loads);
        $steps = $walk->walk;
        $ready = 0.0;
        $in = $running->first(fn (OvenLoad $load): bool => $load->items->contains('batch_id', $batch->id));
        if ($in !== null) {
            $steps = $this->afterBake($walk);
            $ready = $this->hours->minute(UpdateExpectedPull::of($in));
        }
        $pause = $in === null ? $walk->pause() : null;
        $until = $pause?->leftFor === null ? null : $this->keyOf($walk, $pause->leftFor);
        $on = new BatchOnDay(
            $this->benches(),
            array_keys(array_filter($this->floors, fn (float $m2): bool => $m2 >= $room - 1e-9)),
            $room,
            $this->ofCoats($walk, fn (Coat $coat): string => $coat->powder->name),
            $this->ofCoats($walk, fn (Coat $coat): string => $families["{$batch->id} {$coat->position}"]),
            $this->ofCoats($walk, fn (Coat $coat) => $coat->bakeTo()),
            $batch->part->metalKind()->family->rusts() ? 60 * self::bareHours() : null,
            $until === null ? null : $pause?->leftMinutes,
            $until,
            $pause->waitMinutes ?? 0.0,
            $loads,
            Shop::current()->racks === null ? [] : [self::RACK => 1.0],
        );
        $not = $this->wish($batch, 'not_before')?->not_before;
        $ready = max($ready, $not === null ? 0.0 : $this->hours->beginningOf($not));

        return new PlannedBatch(
            $batch,
            $walk,
            $on,
            BatchWork::of($steps, $walk->route->facts->part, $on),
            $ready,
            $this->due($batch),
        );
    }

    private static function bareHours(): float
    {
        $shop = Shop::current();

        return BareSteelClock::hours($shop->humidity_pct, $shop->by_the_sea);
    }

    private function keyOf(RoutingProgress $walk, string $name): ?string
    {
        foreach ($walk->walk->steps as $n => $step) {
            if ($step->name() === $name && $walk->walk->isOpen($n)) {
                return $walk->walk->keys[$n]->text();
            }
        }

        return null;
    }

    /** As it goes on when the bake it is in is over. */
    private function afterBake(RoutingProgress $walk): StepProgress
    {
        $outcomes = [];
        $isBaked = false;
        foreach ($walk->walk->steps as $n => $step) {
            $outcome = $walk->walk->outcome($n);
            if (! $isBaked && $walk->walk->isOpen($n) && $step->kind->bakes()) {
                [$outcome, $isBaked] = [StepOutcome::Done, true];
            }
            if ($outcome !== null) {
                $outcomes[$walk->walk->keys[$n]->text()] = $outcome;
            }
        }

        return new StepProgress($walk->walk->steps, $outcomes);
    }

    /**
     * @template T
     *
     * @param  \Closure(Coat): T  $what
     * @return array<int, T> coat => something of it
     */
    private function ofCoats(RoutingProgress $walk, \Closure $what): array
    {
        return $walk->coats->every->mapWithKeys(fn (Coat $coat): array => [$coat->position => $what($coat)])->all();
    }

    /** @return array<string, list<string>> station => benches */
    private function benches(): array
    {
        $benches = [];
        foreach ($this->machines as $key => $machine) {
            if ($machine instanceof Bench) {
                $benches[$machine->station->value][] = $key;
            }
        }
        foreach (Station::cases() as $station) {
            $benches[$station->value] ??= [BatchWork::CLOCK];
        }

        return $benches;
    }

    /** Floor all pieces of a lot take, hung, m2. */
    private function floorOf(Batch $batch): float
    {
        $part = $batch->part;
        if ($part->rack !== null && $part->mass_kg !== null) {
            $rack = HungRack::of($part->rack->setting(), $part->mass_kg);

            return OvenSpace::footprintMm2($rack, $batch->count) / self::MM2_PER_M2;
        }
        $box = $part->boxMm();
        if ($box === null) {
            return self::LOT_M2;
        }
        sort($box);
        [$a, $b] = [$box[0] + OvenSpace::CLEARANCE_MM, $box[1] + OvenSpace::CLEARANCE_MM];

        return $batch->count * $a * $b / self::MM2_PER_M2;
    }

    private function due(Batch $batch): ?float
    {
        $due = $batch->part->job->due_on;

        return $due === null ? null : $this->hours->endOf($due);
    }

    private function wish(Batch $batch, string $kind): ?SchedulingPreference
    {
        return $this->wishes->get($batch->id)?->firstWhere('kind', $kind);
    }

    /**
     * @param  array<int, PlannedBatch>  $planned
     * @param  Collection<int, OvenLoad>  $running
     */
    private function day(array $planned, Collection $running): ShopDay
    {
        $jobs = [];
        foreach ($planned as $one) {
            $by = $this->wish($one->batch, 'by');
            $isFirst = $this->wish($one->batch, 'first') !== null;
            foreach (range(1, $one->on->loads) as $load) {
                $jobs[] = DayJob::of(
                    $one->key($load),
                    array_map(fn (DayStep $step): DayStep => $this->byWhom($step, $one, $by), $one->work->steps),
                    $one->readyMin,
                    $isFirst ? $this->hours->minute($this->now) : $one->dueMin,
                    ($isFirst ? self::FIRST : 1.0) / $one->on->loads,
                );
            }
        }
        [$inOven, $begun] = $this->inOvens($running);
        [$sprayed, $lastColour] = $this->sprayedLast();
        $now = $this->hours->minute($this->now);
        [$jobs, $inHand] = $this->inHand($jobs, $now);
        $all = [...$jobs, ...$inOven, ...$sprayed];
        $before = array_map($this->placing(...), $this->before->all());

        return ShopDay::of(
            DayObjective::Due,
            $this->dayMachines(),
            $this->people(),
            $all,
            Shop::current()->racks === null ? [] : [self::RACK => (float) Shop::current()->racks],
            $now,
            [...$inHand, ...$begun, ...$lastColour, ...$this->clocks($jobs, $now)],
            $this->known(array_values($before), $jobs),
        );
    }

    private function byWhom(DayStep $step, PlannedBatch $one, ?SchedulingPreference $by): DayStep
    {
        return $by === null || $step->handsMin <= 0 ? $step : $step->by("{$step->who} {$one->batch->id}");
    }

    /**
     * Windows and waits that run already began at this moment.
     *
     * @param  list<DayJob>  $jobs
     * @return list<PlacedStep>
     */
    private function clocks(array $jobs, float $now): array
    {
        $since = [];
        foreach ($jobs as $job) {
            if ($job->steps[0]->key === BatchWork::SINCE) {
                $since[] = new PlacedStep($job->key, BatchWork::SINCE, BatchWork::CLOCK, null, $now, $now);
            }
        }

        return $since;
    }

    /**
     * Ovens that bake are taken until their load comes out.
     *
     * @param  Collection<int, OvenLoad>  $running
     * @return array{list<DayJob>, list<PlacedStep>}
     */
    private function inOvens(Collection $running): array
    {
        $jobs = $begun = [];
        foreach ($running->whereNull('host_load_id') as $load) {
            $key = "oven {$load->oven_id}";
            if (isset($this->machines[$key])) {
                $from = $this->hours->minute($load->shut_at ?? $this->now);
                $out = max($this->hours->minute($this->now), $this->hours->minute(UpdateExpectedPull::of($load)));
                $name = "load {$load->id}";
                $jobs[] = DayJob::of($name, [DayStep::of('bake', [$key], max(0.0, $out - $from), 0.0)]);
                $begun[] = new PlacedStep($name, 'bake', $key, null, $from, $out);
            }
        }

        return [$jobs, $begun];
    }

    /** @return array{list<DayJob>, list<PlacedStep>} the colour the booth still has in it */
    private function sprayedLast(): array
    {
        $last = CoatSetup::lastPowderOf(null);
        $booths = $this->benches()[Station::Coat->value];
        if ($last === null || $booths === [BatchWork::CLOCK]) {
            return [[], []];
        }
        $now = $this->hours->minute($this->now);
        $step = DayStep::of('sprayed', [$booths[0]], 0.0, 0.0, colour: $last->name);

        return [
            [DayJob::of('sprayed last', [$step])],
            [new PlacedStep('sprayed last', 'sprayed', $booths[0], null, min(0.0, $now), min(0.0, $now))],
        ];
    }

    /**
     * What was to have begun by now, and is not signed, is taken to be under way: one thing at a bench, and in two
     * hands.
     *
     * @param  list<DayJob>  $jobs
     * @return array{list<DayJob>, list<PlacedStep>}
     */
    private function inHand(array $jobs, float $now): array
    {
        $byKey = [];
        foreach ($jobs as $n => $job) {
            $byKey[$job->key] = $n;
        }
        $begun = $taken = [];
        foreach ($this->before as $planned) {
            $placing = $this->placing($planned);
            $n = $byKey[$placing->job] ?? null;
            $at = $n !== null && $jobs[$n]->steps[0]->key === BatchWork::SINCE ? 1 : 0;
            $step = $n === null ? null : $jobs[$n]->steps[$at] ?? null;
            $gone = $now - $placing->fromMin;
            if (
                $n === null || $step === null || $step->key !== $placing->step || $gone < 0
                || $gone > self::OVER_TIMES * $step->minutes + self::OVER_MIN
                || ! in_array($placing->on, $step->on, true)
                || $step->family !== null
                || isset($taken[$placing->on]) || isset($taken["by {$placing->who}"])
                || ! $this->isThere($planned->user_id, $now)
            ) {
                continue;
            }
            $taken[$placing->on] = $taken["by {$placing->who}"] = true;
            $minutes = max($step->minutes, $gone + self::NEARLY_OVER_MIN);
            $jobs[$n] = $jobs[$n]->withSteps([
                ...array_slice($jobs[$n]->steps, 0, $at),
                $step->taking($minutes),
                ...array_slice($jobs[$n]->steps, $at + 1),
            ]);
            $begun[] = $placing;
        }

        return [array_values($jobs), $begun];
    }

    private function isThere(?int $user, float $now): bool
    {
        return $user === null || $this->hours->ofPerson($user)->fit($now, 1.0) <= $now;
    }

    private function placing(PlannedStep $step): PlacedStep
    {
        return new PlacedStep(
            "{$step->batch_id}.{$step->load}",
            $step->step,
            match (true) {
                $step->oven_id !== null => "oven {$step->oven_id}",
                $step->bench_id !== null => "bench {$step->bench_id}",
                default => BatchWork::CLOCK,
            },
            $step->user_id === null ? null : "person {$step->user_id}",
            $this->hours->minute($step->from_at),
            $this->hours->minute($step->to_at),
        );
    }

    /**
     * @param  list<PlacedStep>  $before
     * @param  list<DayJob>  $jobs
     * @return list<PlacedStep> those of steps that are still to do
     */
    private function known(array $before, array $jobs): array
    {
        $open = [];
        foreach ($jobs as $job) {
            foreach ($job->steps as $step) {
                $open["{$job->key} {$step->key}"] = true;
            }
        }

        return array_values(
            array_filter($before, fn (PlacedStep $one): bool => isset($open["{$one->job} {$one->step}"])),
        );
    }

    /** @return list<DayMachine> */
    private function dayMachines(): array
    {
        $open = $this->hours->ofShop();
        $changes = $this->colourChanges();
        $machines = [DayMachine::of(BatchWork::CLOCK)];
        foreach ($this->machines as $key => $machine) {
            $machines[] = match (true) {
                $machine instanceof Oven => DayMachine::of(
                    $key,
                    MachineKind::Oven,
                    $this->hot($machine, $open),
                    $this->floors[$key],
                ),
                $machine->station === Station::Coat => DayMachine::of(
                    $key,
                    open: $open,
                    changePairs: $changes,
                ),
                default => DayMachine::of($key, open: $open),
            };
        }

        return $machines;
    }

    /** An oven is cold in the morning and hot from then on, from bake to bake; left on overnight it stays so. */
    private function hot(Oven $oven, Spans $open): Spans
    {
        return Shop::current()->ovens_overnight ? Spans::always() : $open->later($oven->minutes_to_200 ?? 0.0);
    }

    /** @return array<string, float> "colour>next" => min */
    private function colourChanges(): array
    {
        $feed = Gun::inUse()->first()->feed ?? Feed::Cup;
        $factor = ColorChanges::factor()->factor;
        $reclaims = Shop::current()->booth_reclaims;
        $pairs = [];
        $powders = Powder::query()->get();
        foreach ($powders as $from) {
            foreach ($powders as $to) {
                if ($from->name !== $to->name) {
                    $flake = $from->effect()->hasFlake();
                    $change = ColorChange::of($feed, $from->colour, $to->colour, $flake, $reclaims);
                    $pairs["{$from->name}>{$to->name}"] = $factor * $change->minutes;
                }
            }
        }

        return $pairs;
    }

    /** @return list<DayPerson> */
    private function people(): array
    {
        $stations = UserStation::query()->get()->toBase()->groupBy('user_id');
        $all = array_map(fn (Station $station): string => $station->value, Station::cases());
        $people = [];
        foreach (User::query()->where('active', true)->where('role', '!=', 'viewer')->orderBy('id')->get() as $user) {
            $own = $stations->get($user->id)?->map(fn (UserStation $one): string => $one->station->value)->all();
            $can = $own ?? $all;
            foreach ($this->wishes as $batch => $wishes) {
                $hers = $wishes->firstWhere('kind', 'by')?->user_id === $user->id;
                array_push($can, ...($hers ? array_map(fn (string $one): string => "{$one} {$batch}", $all) : []));
            }
            $people[] = new DayPerson("person {$user->id}", array_values($can), $this->hours->ofPerson($user->id));
        }

        return $people;
    }
}

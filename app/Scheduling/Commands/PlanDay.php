<?php

declare(strict_types=1);

namespace App\Scheduling\Commands;

use Aenum\Core\Scheduling\BatchWork;
use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayPlan as Planned;
use Aenum\Core\Scheduling\DayPlanner;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\Infeasible;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\SingleJobRelaxation;
use App\Accounts\Models\User;
use App\Catalog\Models\Bench;
use App\Catalog\Models\Oven;
use App\Platform\Database\Casts\Capture;
use App\Scheduling\Models\DayPlan;
use App\Scheduling\Models\PlannedStep;
use App\Scheduling\Queries\ReadShopDay;
use App\Scheduling\Queries\ShopDaySnapshot;
use App\Scheduling\Queries\StandingPlan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Plans the day. A plan stays while its inputs do; a new one stays close to the one before. */
final class PlanDay
{
    /** A change of a plan is searched for so much shorter than a plan. */
    private const CHANGE_SHARE = 0.2;

    /** Moves that are made in any case. */
    private const AT_LEAST = 100;

    /** Plans are kept for so many days. */
    private const KEPT_DAYS = 14;

    /** Plans again where something has changed, near the plan before or from scratch; returns the plan that stands. */
    public static function update(bool $fromScratch = false): DayPlan
    {
        $standing = StandingPlan::read();
        [$plan, $written] = [$standing->plan, $standing->lastWritten];
        if ($plan !== null && ! $fromScratch && $standing->isCurrent()) {
            return $plan;
        }
        $before = $fromScratch || $plan === null ? collect() : $plan->steps->toBase();
        $shop = (new ReadShopDay($before))->read();
        $mark = self::mark($shop->day, $shop->now);
        if ($plan !== null && ! $fromScratch && $plan->mark === $mark) {
            DB::table('day_plans')->where('id', $plan->id)->update([
                'trail_to' => $written, 'made_at' => $shop->now->format('Y-m-d H:i:s.v'),
            ]);

            return $plan;
        }

        $share = $plan === null || $fromScratch ? 1.0 : self::CHANGE_SHARE;
        $planned = self::plan($shop->day, $share * config('app.day_seconds'));

        return DB::transaction(function () use ($shop, $planned, $mark, $written, $plan, $fromScratch): DayPlan {
            DB::table('shops')->where('id', 1)->lockForUpdate()->value('id');
            $standing = DayPlan::standing();
            // Somebody who looked at the same moment was sooner.
            $isTaken = ! $fromScratch && $standing !== null && $standing->id !== $plan?->id;

            return $isTaken ? $standing : self::keep($shop, $planned, $mark, $written);
        });
    }

    /**
     * A plan, by a clock. Windows that run already are let go where they cannot all be kept (the rail says of each how
     * it stands), then every window; what finds no time at all is left out.
     */
    public static function plan(ShopDay $day, float $seconds): Planned
    {
        $began = microtime(true);
        $budget = Budget::seconds($seconds, fn (): float => microtime(true) - $began);
        [$day] = SingleJobRelaxation::withoutHopeless($day);
        try {
            return DayPlanner::plan($day, $budget);
        } catch (Infeasible) {
            [$day] = SingleJobRelaxation::withoutRunning($day);
        }
        try {
            return DayPlanner::plan($day, $budget->again(self::AT_LEAST));
        } catch (Infeasible) {
            $without = fn (DayJob $job): DayJob => $job->withSteps(
                array_map(fn (DayStep $step): DayStep => $step->withoutWindow(), $job->steps),
            );
            [$day] = SingleJobRelaxation::withoutImpossible($day->withJobs(array_map($without, $day->jobs)));

            return DayPlanner::most($day, $budget->again(self::AT_LEAST))[0];
        }
    }

    /** What a plan is made from: all but the moment itself, and that a step is over its time only now and then. */
    private static function mark(ShopDay $day, CarbonImmutable $now): string
    {
        $late = array_filter($day->begun, fn (PlacedStep $one): bool => $one->toMin < $day->nowMin);
        $again = $late === [] ? 0 : intdiv($now->getTimestamp(), 60 * StandingPlan::LOOK_AGAIN_MIN);
        $jobs = array_map(fn (DayJob $job): array => [
            $job->key,
            self::marks($job),
            $job->dueMin,
            round($job->readyMin / StandingPlan::LOOK_AGAIN_MIN),
            $job->weight,
        ], $day->jobs);

        return hash('sha256', serialize([$jobs, $day->people, $day->machines, $again, $now->format('Y-m-d')]));
    }

    /** @return list<array<int, mixed>> of its steps; what the first takes grows while it is under way */
    private static function marks(DayJob $job): array
    {
        $marks = [];
        foreach ($job->steps as $step) {
            if ($step->key !== BatchWork::SINCE) {
                $minutes = $marks === [] ? 0.0 : round($step->minutes);
                $marks[] = [$step->key, $step->on, $minutes, $step->who, $step->colour, $step->family, $step->room];
            }
        }

        return $marks;
    }

    private static function keep(ShopDaySnapshot $shop, Planned $planned, string $mark, int $written): DayPlan
    {
        $says = self::says($shop, $planned);
        $left = self::left($shop, $planned);
        $late = array_sum(array_column($says, 'late_min'));
        // Not in the audit log: nobody did it, and it is made again whenever something is done.
        $id = DB::table('day_plans')->insertGetId([
            'made_at' => $shop->now->format('Y-m-d H:i:s.v'),
            'mark' => $mark,
            'trail_to' => $written,
            'late_min' => $late,
            'bound_min' => $shop->isWishedFor ? 0.0 : min($late, $planned->boundMin),
            'change_min' => $planned->score->changeMin,
            'says' => json_encode([
                'v' => Capture::VERSION,
                'data' => ['late' => $says, 'held' => $shop->held + $left, 'left' => count($left)],
            ]),
        ]);
        $begun = [];
        foreach ($shop->day->begun as $one) {
            $begun["{$one->job} {$one->step}"] = true;
        }
        $rows = [];
        foreach ($planned->steps as $placing) {
            $row = self::row($shop, $placing, isset($begun["{$placing->job} {$placing->step}"]));
            if ($row !== null) {
                $rows[] = $row + ['day_plan_id' => $id];
            }
        }
        foreach (array_chunk($rows, 200) as $some) {
            PlannedStep::query()->insert($some);
        }
        $old = $shop->now->subDays(self::KEPT_DAYS)->format('Y-m-d H:i:s.v');
        DB::table('day_plans')->where('made_at', '<', $old)->delete();

        return DayPlan::query()->findOrFail($id);
    }

    /** @return array<int, string> lots that find no time, and so */
    private static function left(ShopDaySnapshot $shop, Planned $planned): array
    {
        $stands = array_count_values(array_map(fn (PlacedStep $step): string => $step->job, $planned->steps));
        $of = [];
        foreach ($shop->day->jobs as $job) {
            $batch = (int) $job->key;
            $of[$batch]['stand'] = ($of[$batch]['stand'] ?? 0) + ($stands[$job->key] ?? 0);
            $of[$batch]['steps'] = ($of[$batch]['steps'] ?? 0) + count($job->steps);
        }
        $left = array_filter($of, fn (array $one): bool => $one['stand'] < $one['steps']);

        return array_map(
            fn (array $one): string => ($one['stand'] === 0 ? 'It' : 'The rest of it')
                .' finds no time in the hours there are.',
            $left,
        );
    }

    /** @return list<array<string, mixed>> what is late, and why */
    private static function says(ShopDaySnapshot $shop, Planned $planned): array
    {
        $rows = [];
        $over = $shop->late($planned);
        foreach ($planned->late as $late) {
            $one = $shop->batches[(int) $late->job] ?? null;
            if ($one === null || ! isset($over[$one->batch->id]) || isset($rows[$one->batch->id])) {
                continue;
            }
            $positions = $one->work->positions[$late->step ?? ''] ?? [];
            $machine = $shop->machines[$late->for ?? ''] ?? null;
            $rows[$one->batch->id] = [
                'lot' => $one->batch->id,
                'late_min' => round($over[$one->batch->id]),
                'alone_min' => round($late->aloneMin),
                'by' => $late->by->value,
                'step' => $positions === [] ? null : BatchWork::name($one->walk->walk, $positions),
                'waits_min' => round($late->waitsMin),
                'for' => $machine->name ?? (str_starts_with($late->for ?? '', 'person ')
                    ? User::query()->whereKey((int) substr((string) $late->for, 7))->value('name')
                    : null),
            ];
        }

        return array_values($rows);
    }

    /** @return array<string, mixed>|null null for what is no step of a lot */
    private static function row(ShopDaySnapshot $shop, PlacedStep $placing, bool $begun): ?array
    {
        [$lotId, $load] = array_pad(explode('.', $placing->job), 2, '1');
        $one = $shop->batches[(int) $lotId] ?? null;
        if ($one === null || $placing->step === BatchWork::SINCE) {
            return null;
        }
        $positions = $one->work->positions[$placing->step];
        $step = $one->walk->walk->steps[$positions[0]];
        $on = $shop->machines[$placing->on] ?? null;
        $days = array_values(array_filter($one->work->steps, fn (DayStep $s): bool => $s->key === $placing->step));
        $time = fn (float $minute): string => $shop->hours->moment($minute)->format('Y-m-d H:i:s.v');

        return [
            'batch_id' => $one->batch->id,
            'load' => (int) $load,
            'loads' => $one->on->loads,
            'step' => $placing->step,
            'name' => mb_substr(BatchWork::name($one->walk->walk, $positions), 0, 200),
            'station' => $step->kind->station()->value,
            'bench_id' => $on instanceof Bench ? $on->id : null,
            'oven_id' => $on instanceof Oven ? $on->id : null,
            'user_id' => $placing->who === null ? null : (int) substr($placing->who, strlen('person ')),
            'colour' => $days[0]->colour ?? null,
            'family' => $days[0]->family ?? null,
            'from_at' => $time($placing->fromMin),
            'to_at' => $time($placing->toMin),
            'hands_min' => min($days[0]->handsMin ?? 0.0, $placing->toMin - $placing->fromMin),
            'begun' => $begun,
        ];
    }
}

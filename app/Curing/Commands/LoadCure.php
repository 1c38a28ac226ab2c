<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Queries\BakeModelFactory;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Errors\Refused;
use App\Routing\Queries\OvenCapacity;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Creates a planned cure load at the bake the shop prefers of those that work. */
final class LoadCure
{
    /**
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws Refused naming what cannot hang
     */
    public function __invoke(Oven $oven, array $counts, User $by, float $doorOpenS = OvenLoad::USUAL_DOOR_S): OvenLoad
    {
        return DB::transaction(function () use ($oven, $counts, $by, $doorOpenS): OvenLoad {
            $shop = Shop::current();
            $batches = Batch::query()
                ->with(['part.job', 'part.batches', 'part.coats.powder.rows'])
                ->whereKey(array_keys($counts))->lockForUpdate()->get();
            if ($batches->isEmpty()) {
                throw Refused::because([
                    'items' => 'Nothing is picked; tick at least one part to hang.',
                ]);
            }
            $hung = $batches->map(fn (Batch $batch): array => [
                'batch_id' => $batch->id,
                'part_id' => $batch->part_id,
                'coat_id' => $this->due($batch, $counts[$batch->id])->id,
                'count' => $counts[$batch->id],
            ]);
            OvenCapacity::orRefuse($oven, $batches, $counts);
            $bake = OvenLoad::query()->create([
                'kind' => LoadKind::Cure,
                'oven_id' => $oven->id,
                'status' => 'planned',
                'setpoint_c' => min($oven->max_c, 200),
                'minutes' => 20,
                'door_open_s' => $doorOpenS,
                'ambient_c' => $shop->ambient_c,
                'way' => $this->way($batches, $counts, $shop->clock_way),
                'margin' => $shop->margin,
                'overbake_limit' => $shop->overbake_limit,
                'created_by' => $by->id,
            ]);
            $bake->items()->createMany($hung->all());
            $this->setBest($bake);

            return $bake;
        });
    }

    /**
     * A sheet comes before the house, the house where a sheet is silent; by the metal where they differ.
     *
     * @param  EloquentCollection<int, Batch>  $batches
     * @param  array<int, int>  $counts
     */
    private function way(EloquentCollection $batches, array $counts, TimingCriterion $house): TimingCriterion
    {
        $of = fn (Batch $batch): TimingCriterion => $this->due(
            $batch,
            $counts[$batch->id],
        )->powder->clock_way ?? $house;
        $said = $batches->toBase()->map($of)->unique();

        return $said->count() === 1 ? $said->first() ?? $house : TimingCriterion::Window;
    }

    /**
     * Sets a planned bake to the one that is preferred, the house's way where nobody says; where none serves, to the
     * setpoint that hurts least.
     */
    public function setBest(OvenLoad $bake, ?BakePreference $prefer = null): void
    {
        $load = BakeModelFactory::from($bake->fresh() ?? $bake);
        $plan = $load->planner()->plan($prefer ?? Shop::current()->prefer);
        $best = $plan->atBest;
        if ($best !== null) {
            $minutes = $plan->minutes ?? min(720, $best->pullS / 60);
            $bake->update([
                'setpoint_c' => $best->setpointC,
                'minutes' => max(0.1, round($minutes - $bake->door_open_s / 60, 2)),
            ]);
        }
    }

    /**
     * Pieces of lots that are in an oven now, or planned to be.
     *
     * @return Collection<int, int> pieces by lot id
     */
    public static function hanging(): Collection
    {
        $items = OvenLoadItem::query()->whereNotNull('coat_id')->whereNull('out_at')
            ->whereHas('ovenLoad', fn (Builder $load) => $load->whereIn('status', ['planned', 'running']));
        $pieces = fn (Collection $of): int => array_sum($of->pluck('count')->all());

        return $items->get()->toBase()->groupBy('batch_id')->map($pieces);
    }

    /** The coat that is due on a lot, where so many of its pieces may hang. */
    private function due(Batch $batch, int $count): Coat
    {
        $job = $batch->part->job;
        $field = "items.{$batch->id}";
        $name = $batch->partName();
        if ($batch->station !== Station::Cure || ! $batch->isOpen() || ! $job->isOpen()) {
            throw Refused::because([
                $field => "{$name} of job {$job->number} does not hang at Cure now.",
            ]);
        }
        $walk = RoutingProgress::of($batch);
        $coat = $walk->coatDue();
        if ($coat === null || ! $walk->isCoated($coat)) {
            $why = $coat === null
                ? "{$name} has no coat that waits for the oven."
                : "{$name}: coat {$coat->position} is not logged as on; log it at Coat first.";
            throw Refused::because([$field => $why]);
        }
        $free = $batch->count - (int) (self::hanging()[$batch->id] ?? 0);
        if ($count < 1 || $count > $free) {
            throw Refused::because([
                $field => "{$name}: {$count} pieces; allowed: 1 to {$free}, the rest is already in a load.",
            ]);
        }

        return $coat;
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Cure\ClockWay;
use Aenum\Core\Cure\Prefer;
use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\OvenRoom;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Hangs coats in an oven as a planned bake, set to the bake the house prefers of those that serve them. */
final class HangLoad
{
    /**
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws ValidationException naming what cannot hang
     */
    public function __invoke(Oven $oven, array $counts, User $by, float $doorOpenS = OvenLoad::USUAL_DOOR_S): OvenLoad
    {
        return DB::transaction(function () use ($oven, $counts, $by, $doorOpenS): OvenLoad {
            $shop = Shop::current();
            $lots = Lot::query()
                ->with(['part.job', 'part.lots', 'part.coats.powder.rows'])
                ->whereKey(array_keys($counts))->lockForUpdate()->get();
            if ($lots->isEmpty()) {
                throw ValidationException::withMessages([
                    'items' => 'Nothing is picked; tick at least one part to hang.',
                ]);
            }
            $hung = $lots->map(fn (Lot $lot): array => [
                'lot_id' => $lot->id,
                'part_id' => $lot->part_id,
                'coat_id' => $this->due($lot, $counts[$lot->id])->id,
                'count' => $counts[$lot->id],
            ]);
            OvenRoom::orRefuse($oven, $lots, $counts);
            $bake = OvenLoad::query()->create([
                'kind' => LoadKind::Cure,
                'oven_id' => $oven->id,
                'status' => 'planned',
                'setpoint_c' => min($oven->max_c, 200),
                'minutes' => 20,
                'door_open_s' => $doorOpenS,
                'ambient_c' => $shop->ambient_c,
                'way' => $this->way($lots, $counts, $shop->clock_way),
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
     * @param  EloquentCollection<int, Lot>  $lots
     * @param  array<int, int>  $counts
     */
    private function way(EloquentCollection $lots, array $counts, ClockWay $house): ClockWay
    {
        $of = fn (Lot $lot): ClockWay => $this->due($lot, $counts[$lot->id])->powder->clock_way ?? $house;
        $said = $lots->toBase()->map($of)->unique();

        return $said->count() === 1 ? $said->first() ?? $house : ClockWay::Window;
    }

    /**
     * Sets a planned bake to the one that is preferred, the house's way where nobody says; where none serves, to the
     * setpoint that hurts least.
     */
    public function setBest(OvenLoad $bake, ?Prefer $prefer = null): void
    {
        $load = LoadOfBake::from($bake->fresh() ?? $bake);
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

        return $items->get()->toBase()->groupBy('lot_id')->map($pieces);
    }

    /** The coat that is due on a lot, where so many of its pieces may hang. */
    private function due(Lot $lot, int $count): Coat
    {
        $job = $lot->part->job;
        $field = "items.{$lot->id}";
        $name = $lot->partName();
        if ($lot->station !== Station::Cure || ! $lot->isOpen() || ! $job->isOpen()) {
            throw ValidationException::withMessages([
                $field => "{$name} of job {$job->number} does not hang at Cure now.",
            ]);
        }
        $walk = LotWalk::of($lot);
        $coat = $walk->coatDue();
        if ($coat === null || ! $walk->isCoated($coat)) {
            $why = $coat === null
                ? "{$name} has no coat that waits for the oven."
                : "{$name}: coat {$coat->position} is not logged as on; log it at Coat first.";
            throw ValidationException::withMessages([$field => $why]);
        }
        $free = $lot->count - (int) (self::hanging()[$lot->id] ?? 0);
        if ($count < 1 || $count > $free) {
            throw ValidationException::withMessages([
                $field => "{$name}: {$count} pieces; allowed: 1 to {$free}, the rest is already in a load.",
            ]);
        }

        return $coat;
    }
}

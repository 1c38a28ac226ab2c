<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Models\Coat;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Hangs coats in an oven as a planned bake, set to the shortest bake that serves them. */
final class HangLoad
{
    /**
     * @param  array<int, int>  $counts  pieces by coat id
     *
     * @throws ValidationException naming what cannot hang
     */
    public function __invoke(Oven $oven, array $counts, User $by, float $doorOpenS = OvenLoad::USUAL_DOOR_S): OvenLoad
    {
        return DB::transaction(function () use ($oven, $counts, $by, $doorOpenS): OvenLoad {
            $shop = Shop::current();
            $query = Coat::query()
                ->with(['part.job', 'powder.rows'])
                ->whereKey(array_keys($counts));
            $query->lockForUpdate();
            $coats = $query->get();
            if ($coats->isEmpty()) {
                throw ValidationException::withMessages([
                    'items' => 'Nothing is picked; tick at least one part to hang.',
                ]);
            }
            foreach ($coats as $coat) {
                $this->check($coat, $counts[$coat->id]);
            }
            $bake = OvenLoad::query()->create([
                'kind' => LoadKind::Cure,
                'oven_id' => $oven->id,
                'status' => 'planned',
                'setpoint_c' => min($oven->max_c, 200),
                'minutes' => 20,
                'door_open_s' => $doorOpenS,
                'ambient_c' => $shop->ambient_c,
                'way' => $shop->clock_way,
                'margin' => $shop->margin,
                'overbake_limit' => $shop->overbake_limit,
                'created_by' => $by->id,
            ]);
            foreach ($coats as $coat) {
                $bake
                    ->items()
                    ->create(['coat_id' => $coat->id, 'part_id' => $coat->part_id, 'count' => $counts[$coat->id]]);
            }
            $this->setBest($bake);

            return $bake;
        });
    }

    /** Sets a planned bake to the shortest that serves it; where none does, to the setpoint that hurts least. */
    public function setBest(OvenLoad $bake): void
    {
        $load = LoadOfBake::from($bake->fresh() ?? $bake);
        $plan = $load->planner()->plan();
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
     * Coats that are in an oven now, or planned to be.
     *
     * @return Collection<int, int> pieces by coat id
     */
    public static function hanging(): Collection
    {
        $items = OvenLoadItem::query();
        $items->whereNotNull('coat_id');
        $items->whereHas('ovenLoad', fn (Builder $load) => $load->whereIn('status', ['planned', 'running']));
        $pieces = fn (Collection $of): int => array_sum($of->pluck('count')->all());

        return $items->get()->toBase()->groupBy('coat_id')->map($pieces);
    }

    private function check(Coat $coat, int $count): void
    {
        $job = $coat->part->job;
        $field = "items.{$coat->id}";
        if ($job->station !== Station::Cure || ! $job->isOpen()) {
            throw ValidationException::withMessages([
                $field => "{$coat->part->name} of job {$job->number} does not hang at Cure now.",
            ]);
        }
        $free = $coat->part->count - (int) (self::hanging()[$coat->id] ?? 0);
        if ($count < 1 || $count > $free) {
            throw ValidationException::withMessages([
                $field => "{$coat->part->name}: {$count} pieces; allowed: 1 to {$free}, the rest is already in a load.",
            ]);
        }
    }
}

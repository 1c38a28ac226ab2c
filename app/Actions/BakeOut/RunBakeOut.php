<?php

declare(strict_types=1);

namespace App\Actions\BakeOut;

use Aenum\Core\Route\Station;
use Aenum\Core\Route\StepKind;
use App\Actions\Route\PartRoute;
use App\Models\Bake;
use App\Models\BakeOutLoad;
use App\Models\Oven;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Support\ShopClock;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Hangs bare parts in an oven, shuts the door, pulls. */
final class RunBakeOut
{
    private const USUAL_HOLD_MIN = 45.0;

    private const USUAL_TARGET_C = 210.0;

    /**
     * @param  list<int>  $parts  ids; all pieces of each
     *
     * @throws ValidationException
     */
    public function hang(Oven $oven, array $parts, User $by): BakeOutLoad
    {
        return DB::transaction(function () use ($oven, $parts, $by): BakeOutLoad {
            $query = Part::query()->with(['job', 'coats.powder.rows', 'signatures', 'pins'])->whereKey($parts);
            $query->whereNull('withdrawn_at');
            $found = $query->get()->filter(fn (Part $part): bool => $part->job->isOpen() && $part->job->station === Station::BakeOut)->values();
            if ($found->isEmpty()) {
                throw ValidationException::withMessages(['parts' => 'Nothing is picked; tick at least one part that hangs at Bake out.']);
            }
            $target = $hold = 0.0;
            foreach ($found as $part) {
                $step = PartRoute::of($part)->plan()->all(StepKind::BakeOut)[0] ?? null;
                $target = max($target, $step->celsius ?? 0.0);
                $hold = max($hold, $step->holdMinutes ?? 0.0);
            }
            $target = $target > 0 ? $target : self::USUAL_TARGET_C;
            $load = BakeOutLoad::query()->create([
                'oven_id' => $oven->id, 'status' => 'planned', 'target_c' => $target, 'hold_min' => $hold > 0 ? $hold : self::USUAL_HOLD_MIN, 'setpoint_c' => $oven->max_c, 'minutes' => 90,
                'door_open_s' => 60, 'ambient_c' => Shop::current()->ambient_c, 'created_by' => $by->id,
            ]);
            foreach ($found as $part) {
                $load->items()->create(['part_id' => $part->id, 'count' => $part->count]);
            }
            $load->refresh()->update(['setpoint_c' => BakeOutBoard::usualSetpoint($load)]);
            $this->setSoonest($load);

            return $load;
        });
    }

    /** @throws ValidationException where it is not planned any more, or never gets there */
    public function set(BakeOutLoad $load, float $targetC, float $holdMin, float $setpointC): void
    {
        $this->on($load, 'planned', function (BakeOutLoad $held) use ($targetC, $holdMin, $setpointC): void {
            $held->update(['target_c' => $targetC, 'hold_min' => $holdMin, 'setpoint_c' => min($held->oven->max_c, $setpointC)]);
            $this->setSoonest($held);
        });
    }

    /** @throws ValidationException */
    public function shut(BakeOutLoad $load, User $by): void
    {
        $this->on($load, 'planned', function (BakeOutLoad $held): void {
            if (Bake::query()->where('oven_id', $held->oven_id)->where('status', 'running')->exists() || BakeOutLoad::query()->where('oven_id', $held->oven_id)->where('status', 'running')->exists()) {
                throw ValidationException::withMessages(['bake_out' => "{$held->oven->name} is in use; pull that load first."]);
            }
            $board = BakeOutBoard::of($held);
            foreach ($board->items as $item) {
                if ($item->part->job->station !== Station::BakeOut || ! $item->part->job->isOpen()) {
                    throw ValidationException::withMessages(['bake_out' => "{$item->part->name} of job {$item->part->job->number} does not hang at Bake out any more; take this load off and hang it anew."]);
                }
            }
            if ($board->stops()) {
                throw ValidationException::withMessages(['bake_out' => array_values(array_map(fn (array $finding): string => "{$finding['part']->name}: {$finding['says']}", array_filter($board->findings, fn (array $finding): bool => $finding['stop'])))]);
            }
            $held->update(['status' => 'running', 'shut_at' => ShopClock::now()]);
        });
    }

    /** @throws ValidationException */
    public function pull(BakeOutLoad $load, User $by): void
    {
        $this->on($load, 'running', function (BakeOutLoad $held) use ($by): void {
            $held->update(['status' => 'pulled', 'pulled_at' => ShopClock::now(), 'pulled_by' => $by->id]);
            $held->refresh();
            $board = BakeOutBoard::of($held);
            $result = [];
            $end = (float) $board->plan->pullMinutes;
            foreach ($board->items as $n => $item) {
                $of = $board->plan->items[$n];
                $held_ = $of['reaches'] === null ? 0.0 : max(0.0, min($end, $of['done'] ?? $end) - $of['reaches']);
                $result[$item->part_id] = ['reached' => $of['done'] !== null && $of['done'] <= $end + 0.02, 'held_min' => round($held_, 2), 'peak_c' => round($of['peakC'], 1), 'metal_minutes' => round($of['metalMinutes'], 2)];
            }
            $held->update(['result' => $result]);
        });
    }

    /** @throws ValidationException */
    public function withdraw(BakeOutLoad $load): void
    {
        $this->on($load, 'planned', fn (BakeOutLoad $held) => $held->update(['status' => 'withdrawn']));
    }

    private function setSoonest(BakeOutLoad $load): void
    {
        $load->refresh();
        $soonest = BakeOutBoard::soonest($load);
        if ($soonest !== null) {
            $load->update(['minutes' => ceil(10 * $soonest) / 10]);
        }
    }

    /** @param  Closure(BakeOutLoad): mixed  $do */
    private function on(BakeOutLoad $load, string $status, Closure $do): void
    {
        DB::transaction(function () use ($load, $status, $do): void {
            $held = BakeOutLoad::held($load->id);
            if ($held->status !== $status) {
                throw ValidationException::withMessages(['bake_out' => 'That load was changed meanwhile; look again.']);
            }
            $do($held);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Advice\BakeOutTarget;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeOutState;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Routing\Queries\OvenCapacity;
use App\Routing\Queries\PartFloorConditions;
use App\Routing\Queries\PartRoute;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Creates a bake-out load of bare parts, with the temperature and time they need. */
final class LoadBakeOut
{
    /** Until it is worked out, min. */
    private const FIRST_GUESS_MIN = 90.0;

    /** Over a weekend. */
    private const LONGEST_NIGHT_H = 72;

    /**
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws Refused
     */
    public function __invoke(Oven $oven, array $counts, User $by): OvenLoad
    {
        return DB::transaction(function () use ($oven, $counts, $by): OvenLoad {
            $query = Batch::query()->whereKey(array_keys($counts))->where('station', Station::BakeOut)
                ->with(['part.job', 'part.batches', 'part.coats.powder.rows', 'part.signatures', 'part.pins'])
                ->where('status', 'open')->lockForUpdate();
            $found = $query->get()->filter(fn (Batch $batch): bool => $batch->part->job->isOpen())->values();
            foreach ($found as $batch) {
                if ($counts[$batch->id] < 1 || $counts[$batch->id] > $batch->count) {
                    $why = ucfirst($batch->partName()).": {$counts[$batch->id]} pieces; allowed: 1 to {$batch->count}.";
                    throw Refused::because(["lots.{$batch->id}" => $why]);
                }
            }
            if ($found->isEmpty()) {
                $why = 'Nothing is picked; tick at least one part at Bake out.';
                throw Refused::because(['lots' => $why]);
            }
            $now = fn (Batch $batch): PartRouting => PartRoute::of($batch->part, $batch)->plan()->on(
                PartFloorConditions::of($batch->part, $batch),
            );
            $aim = BakeOutTarget::of(array_values($found->map($now)->all()));
            OvenCapacity::orRefuse($oven, $found, $counts);
            $shop = Shop::current();
            $load = OvenLoad::query()->create([
                'kind' => LoadKind::BakeOut,
                'oven_id' => $oven->id,
                'status' => 'planned',
                'target_c' => $aim->targetC,
                'hold_minutes' => $aim->holdMinutes,
                'setpoint_c' => $oven->max_c,
                'minutes' => self::FIRST_GUESS_MIN,
                'door_open_s' => OvenLoad::USUAL_DOOR_S,
                'ambient_c' => $shop->ambient_c,
                'way' => $shop->clock_way,
                'margin' => $shop->margin,
                'overbake_limit' => $shop->overbake_limit,
                'created_by' => $by->id,
            ]);
            $hung = fn (Batch $batch): array => [
                'batch_id' => $batch->id,
                'part_id' => $batch->part_id,
                'count' => $counts[$batch->id],
            ];
            $load->items()->createMany($found->map($hung)->all());
            $load->refresh()->update(['setpoint_c' => BakeOutState::usualSetpoint($load)]);
            $this->setSoonest($load);

            return $load;
        });
    }

    /**
     * @param  float|null  $startC  the oven as it is loaded, °C; null where it is at its setpoint
     * @param  CarbonImmutable|null  $outAt  taken out then, the oven's timer having turned it off when all was held
     *
     * @throws Refused where it is not planned any more, or the time is too soon
     */
    public function set(
        OvenLoad $load,
        float $targetC,
        float $holdMinutes,
        float $setpointC,
        ?CarbonImmutable $outAt = null,
        ?float $startC = null,
    ): void {
        DB::transaction(function () use ($load, $targetC, $holdMinutes, $setpointC, $outAt, $startC): void {
            $held = OvenLoad::findLocked($load->id);
            if (! $held->isPlanned() || $held->host_load_id !== null) {
                throw Refused::because(['load' => 'That load was changed meanwhile; look again.']);
            }
            $held->update([
                'target_c' => $targetC,
                'hold_minutes' => $holdMinutes,
                'setpoint_c' => min($held->oven->max_c, $setpointC),
                'start_c' => $startC,
                'timer_out_at' => null,
            ]);
            $this->setSoonest($held);
            if ($outAt !== null) {
                $this->setTimer($held->refresh(), $outAt);
            }
        });
    }

    /** @throws Refused where all would not be held by then, or it is days off */
    private function setTimer(OvenLoad $load, CarbonImmutable $outAt): void
    {
        $soonest = ShopClock::now()->addMinutes((int) ceil($load->minutes));
        $latest = ShopClock::now()->addHours(self::LONGEST_NIGHT_H);
        if ($outAt->lte($soonest) || $outAt->gt($latest)) {
            $why = 'Taken out at is '.ShopClock::time($outAt).'; allowed: after '.
                ShopClock::time($soonest).', when all is held, within '.self::LONGEST_NIGHT_H.' hours.';
            throw Refused::because(['out_at' => $why]);
        }
        $load->update(['timer_out_at' => $outAt]);
    }

    /** Set to tenths of a minute, never short of what is needed. */
    private function setSoonest(OvenLoad $load): void
    {
        $soonest = BakeOutState::soonest($load->refresh());
        if ($soonest !== null) {
            $load->update(['minutes' => ceil(10 * $soonest) / 10]);
        }
    }
}

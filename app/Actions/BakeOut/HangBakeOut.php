<?php

declare(strict_types=1);

namespace App\Actions\BakeOut;

use Aenum\Core\Bench\BakeOutAim;
use Aenum\Core\Job\Plan;
use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Actions\Log\PartFloor;
use App\Actions\Lot\OvenRoom;
use App\Actions\Route\PartRoute;
use App\Models\Lot;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\Shop;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Hangs bare parts in an oven, and sets what they are to reach. */
final class HangBakeOut
{
    /** Until it is worked out, min. */
    private const FIRST_GUESS_MIN = 90.0;

    /** Over a weekend. */
    private const LONGEST_NIGHT_H = 72;

    /**
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws ValidationException
     */
    public function __invoke(Oven $oven, array $counts, User $by): OvenLoad
    {
        return DB::transaction(function () use ($oven, $counts, $by): OvenLoad {
            $query = Lot::query()->whereKey(array_keys($counts))->where('station', Station::BakeOut)
                ->with(['part.job', 'part.lots', 'part.coats.powder.rows', 'part.signatures', 'part.pins'])
                ->where('fate', 'open')->lockForUpdate();
            $found = $query->get()->filter(fn (Lot $lot): bool => $lot->part->job->isOpen())->values();
            foreach ($found as $lot) {
                if ($counts[$lot->id] < 1 || $counts[$lot->id] > $lot->count) {
                    $why = ucfirst($lot->partName()).": {$counts[$lot->id]} pieces; allowed: 1 to {$lot->count}.";
                    throw ValidationException::withMessages(["lots.{$lot->id}" => $why]);
                }
            }
            if ($found->isEmpty()) {
                $why = 'Nothing is picked; tick at least one part that hangs at Bake out.';
                throw ValidationException::withMessages(['lots' => $why]);
            }
            $now = fn (Lot $lot): Plan => PartRoute::of($lot->part, $lot)->plan()->on(PartFloor::of($lot->part, $lot));
            $aim = BakeOutAim::of(array_values($found->map($now)->all()));
            OvenRoom::orRefuse($oven, $found, $counts);
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
            $hung = fn (Lot $lot): array => [
                'lot_id' => $lot->id,
                'part_id' => $lot->part_id,
                'count' => $counts[$lot->id],
            ];
            $load->items()->createMany($found->map($hung)->all());
            $load->refresh()->update(['setpoint_c' => BakeOutBoard::usualSetpoint($load)]);
            $this->setSoonest($load);

            return $load;
        });
    }

    /**
     * @param  float|null  $startC  the oven as it is loaded, °C; null where it is at its setpoint
     * @param  CarbonImmutable|null  $outAt  taken out then, the oven's timer having turned it off when all was held
     *
     * @throws ValidationException where it is not planned any more, or the time is too soon
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
            $held = OvenLoad::held($load->id);
            if (! $held->isPlanned() || $held->rides_with !== null) {
                throw ValidationException::withMessages(['load' => 'That load was changed meanwhile; look again.']);
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

    /** @throws ValidationException where all would not be held by then, or it is days off */
    private function setTimer(OvenLoad $load, CarbonImmutable $outAt): void
    {
        $soonest = ShopClock::now()->addMinutes((int) ceil($load->minutes));
        $latest = ShopClock::now()->addHours(self::LONGEST_NIGHT_H);
        if ($outAt->lte($soonest) || $outAt->gt($latest)) {
            $why = 'Taken out at is '.ShopClock::time($outAt).'; allowed: after '.
                ShopClock::time($soonest).', when all is held, within '.self::LONGEST_NIGHT_H.' hours.';
            throw ValidationException::withMessages(['out_at' => $why]);
        }
        $load->update(['timer_out_at' => $outAt]);
    }

    /** Set to tenths of a minute, never short of what is needed. */
    private function setSoonest(OvenLoad $load): void
    {
        $soonest = BakeOutBoard::soonest($load->refresh());
        if ($soonest !== null) {
            $load->update(['minutes' => ceil(10 * $soonest) / 10]);
        }
    }
}

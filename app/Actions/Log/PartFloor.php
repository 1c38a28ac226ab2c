<?php

declare(strict_types=1);

namespace App\Actions\Log;

use Aenum\Core\Job\Floor;
use Aenum\Core\Job\MaskOn;
use Aenum\Core\Metal\ReliefBake;
use Aenum\Core\Strip\Agent;
use Aenum\Core\Strip\Agents;
use App\Models\BenchClock;
use App\Models\Lot;
use App\Models\OvenResult;
use App\Models\Part;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;

/** What is so of a part on the floor now: the masks on it, and when acid was last on it. */
final class PartFloor
{
    /** Of one lot of it, where one is given. */
    public static function of(Part $part, ?Lot $lot = null): Floor
    {
        $part->loadMissing(['pins.fittings.mask', 'clocks']);

        return new Floor(
            masks: self::masks($part, $lot),
            sinceAcidMin: self::sinceAcid($part, $lot),
            bakedOutC: $lot === null ? null : self::bakedOut($lot),
        );
    }

    /** The hottest each piece was baked out, the coolest of them; null where one was not. */
    private static function bakedOut(Lot $lot): ?float
    {
        $past = LotPast::of($lot);
        $results = OvenResult::query()->where('part_id', $lot->part_id)->where('reached', true)->get();
        $coolest = INF;
        for ($strand = 0; $strand < $past->count(); $strand++) {
            $own = $results->filter(fn (OvenResult $one): bool => $past->lived($strand, $one->lot_id, $one->at));
            $coolest = min($coolest, (float) ($own->max('peak_c') ?? INF));
            if ($own->isEmpty()) {
                return null;
            }
        }

        return is_finite($coolest) ? $coolest : null;
    }

    /** @return list<MaskOn> */
    private static function masks(Part $part, ?Lot $lot): array
    {
        $on = [];
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings as $fitting) {
                $isHere = $lot === null || $fitting->lot_id === $lot->id;
                if ($isHere && ! $fitting->isOff() && $fitting->mask !== null) {
                    $mask = $fitting->mask;
                    $rated = $mask->kind->seesOven() ? $mask->rated_c : null;
                    $on[] = new MaskOn($pin->number, $mask->name, $rated);
                }
            }
        }

        return $on;
    }

    private static function sinceAcid(Part $part, ?Lot $lot): ?float
    {
        $acids = array_filter(Agents::all(), fn (Agent $agent): bool => $agent->acid);
        $is = fn (BenchClock $clock): bool => isset($acids[strstr($clock->step, '-', true) ?: $clock->step]);
        $past = $lot === null ? null : LotPast::of($lot);
        $own = fn (BenchClock $clock): bool => $past === null || $past->any($clock->lot_id, $clock->done_at);
        $ended = $part->clocks->filter($is)->filter($own)
            ->map(fn (BenchClock $clock): ?CarbonImmutable => $clock->done_at)->filter()->max();

        return $ended instanceof CarbonImmutable && ! self::isRelieved($part, $ended, $past)
            ? $ended->diffInMilliseconds(ShopClock::now()) / 60000
            : null;
    }

    /** Whether a bake that went in after the acid was hot and long enough. */
    private static function isRelieved(Part $part, CarbonImmutable $acidEnded, ?LotPast $past): bool
    {
        $out = OvenResult::query()->with('ovenLoad')->where('part_id', $part->id)->whereNotNull('held_minutes');
        foreach ($out->get() as $result) {
            $load = $result->ovenLoad;
            if ($past !== null && ! $past->any($result->lot_id, $result->at)) {
                continue;
            }
            $after = $load->shut_at?->gte($acidEnded) === true;
            $held = (float) $result->held_minutes;
            if ($after && ReliefBake::serves($part->strength_mpa, (float) $load->target_c, $held)) {
                return true;
            }
        }

        return false;
    }
}

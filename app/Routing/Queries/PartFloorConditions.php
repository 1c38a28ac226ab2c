<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\MaskOn;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;

/** Conditions of a part on the floor now: masks on it, and when acid was last used. */
final class PartFloorConditions
{
    /** Of one lot of it, where one is given. */
    public static function of(Part $part, ?Batch $batch = null): FloorConditions
    {
        $part->loadMissing(['pins.fittings.mask', 'clocks']);

        return new FloorConditions(
            masks: self::masks($part, $batch),
            sinceAcidMin: self::sinceAcid($part, $batch),
            bakedOutC: $batch === null ? null : self::bakedOut($batch),
        );
    }

    /** The hottest each piece was baked out, the coolest of them; null where one was not. */
    private static function bakedOut(Batch $batch): ?float
    {
        $past = BatchHistory::of($batch);
        $batch->part->loadMissing('ovenResults');
        $results = $batch->part->ovenResults->where('reached', true);
        $coolest = INF;
        for ($strand = 0; $strand < $past->count(); $strand++) {
            $own = $results->filter(fn (OvenResult $one): bool => $past->lived($strand, $one->batch_id, $one->at));
            $coolest = min($coolest, (float) ($own->max('peak_c') ?? INF));
            if ($own->isEmpty()) {
                return null;
            }
        }

        return is_finite($coolest) ? $coolest : null;
    }

    /** @return list<MaskOn> */
    private static function masks(Part $part, ?Batch $batch): array
    {
        $on = [];
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings as $fitting) {
                $isHere = $batch === null || $fitting->batch_id === $batch->id;
                if ($isHere && ! $fitting->isOff() && $fitting->mask !== null) {
                    $mask = $fitting->mask;
                    $rated = $mask->kind->seesOven() ? $mask->rated_c : null;
                    $on[] = new MaskOn($pin->number, $mask->name, $rated);
                }
            }
        }

        return $on;
    }

    private static function sinceAcid(Part $part, ?Batch $batch): ?float
    {
        $acids = array_filter(Agents::all(), fn (Agent $agent): bool => $agent->acid);
        $is = fn (StepTimer $clock): bool => isset($acids[strstr($clock->step, '-', true) ?: $clock->step]);
        $past = $batch === null ? null : BatchHistory::of($batch);
        $own = fn (StepTimer $clock): bool => $past === null || $past->any($clock->batch_id, $clock->done_at);
        $ended = $part->clocks->filter($is)->filter($own)
            ->map(fn (StepTimer $clock): ?CarbonImmutable => $clock->done_at)->filter()->max();

        return $ended instanceof CarbonImmutable && ! self::isRelieved($part, $ended, $past)
            ? $ended->diffInMilliseconds(ShopClock::now()) / 60000
            : null;
    }

    /** Whether a bake that went in after the acid was hot and long enough. */
    private static function isRelieved(Part $part, CarbonImmutable $acidEnded, ?BatchHistory $past): bool
    {
        $part->loadMissing('ovenResults.ovenLoad');
        foreach ($part->ovenResults->whereNotNull('held_minutes') as $result) {
            $load = $result->ovenLoad;
            if ($past !== null && ! $past->any($result->batch_id, $result->at)) {
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

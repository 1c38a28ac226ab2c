<?php

declare(strict_types=1);

namespace App\Actions\Log;

use Aenum\Core\Job\Floor;
use Aenum\Core\Job\MaskOn;
use Aenum\Core\Metal\ReliefBake;
use Aenum\Core\Strip\Agent;
use Aenum\Core\Strip\Agents;
use App\Models\BenchClock;
use App\Models\OvenResult;
use App\Models\Part;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;

/** What is so of a part on the floor now: the masks on it, and when acid was last on it. */
final class PartFloor
{
    public static function of(Part $part): Floor
    {
        $part->loadMissing(['pins.fittings.mask', 'clocks']);

        return new Floor(masks: self::masks($part), sinceAcidMin: self::sinceAcid($part));
    }

    /** @return list<MaskOn> */
    private static function masks(Part $part): array
    {
        $on = [];
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings as $fitting) {
                if (! $fitting->isOff() && $fitting->mask !== null) {
                    $on[] = new MaskOn($pin->number, $fitting->mask->name, $fitting->mask->rated_c);
                }
            }
        }

        return $on;
    }

    private static function sinceAcid(Part $part): ?float
    {
        $acids = array_filter(Agents::all(), fn (Agent $agent): bool => $agent->acid);
        $is = fn (BenchClock $clock): bool => isset($acids[strstr($clock->step, '-', true) ?: $clock->step]);
        $ended = $part->clocks->filter($is)
            ->map(fn (BenchClock $clock): ?CarbonImmutable => $clock->done_at)->filter()->max();

        return $ended instanceof CarbonImmutable && ! self::isRelieved($part, $ended)
            ? $ended->diffInMilliseconds(ShopClock::now()) / 60000
            : null;
    }

    /** Whether a bake that went in after the acid was hot and long enough. */
    private static function isRelieved(Part $part, CarbonImmutable $acidEnded): bool
    {
        $out = OvenResult::query();
        $out->with('ovenLoad')->where('part_id', $part->id)->whereNotNull('held_minutes');
        foreach ($out->get() as $result) {
            $load = $result->ovenLoad;
            $after = $load->shut_at?->gte($acidEnded) === true;
            $held = (float) $result->held_minutes;
            if ($after && ReliefBake::serves($part->strength_mpa, (float) $load->target_c, $held)) {
                return true;
            }
        }

        return false;
    }
}

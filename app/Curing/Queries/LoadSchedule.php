<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Trade\OvenEventKind;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use Carbon\CarbonImmutable;

/** Schedule of the oven with a load in it, with everything that happened up to a moment. */
final class LoadSchedule
{
    /** The longest run the heat model follows, min. */
    private const FURTHEST_MIN = 10080.0;

    /** @param  CarbonImmutable|null  $now  power not yet back counts as off until this moment */
    public static function of(OvenLoad $load, ?CarbonImmutable $now = null): OvenSchedule
    {
        $timed = $load->timer_out_at === null ? null : $load->door_open_s + 60 * $load->minutes;
        $load = $load->ran();
        $schedule = OvenSchedule::of($load->ambient_c, $load->setpoint_c, $load->start_c, $load->start_c);
        if ($load->door_open_s > 0) {
            $schedule = $schedule->withDoor(Door::opened(0, $load->door_open_s));
        }
        $lostAt = null;
        foreach ($load->events as $event) {
            $second = self::second($load, $event->at);
            $value = (float) $event->value;
            match ($event->kind) {
                OvenEventKind::Door => ($schedule = $schedule->withDoor(
                    Door::opened(min(self::FURTHEST_MIN, $second / 60), $value),
                )),
                OvenEventKind::Setpoint => ($schedule = $schedule->withSetpointFrom($second, $value)),
                OvenEventKind::PowerLost => ($lostAt ??= $second),
                OvenEventKind::PowerBack, OvenEventKind::Flowed => null,
            };
            if ($event->kind === OvenEventKind::PowerBack && $lostAt !== null) {
                $schedule = $schedule->withOutage($lostAt, $second);
                $lostAt = null;
            }
        }

        if ($timed !== null) {
            $schedule = $schedule->withOutage($timed, 60 * self::FURTHEST_MIN);
        }

        return $lostAt === null || $now === null
            ? $schedule
            : $schedule->withOutage($lostAt, max($lostAt + 1, self::second($load, $now)));
    }

    /** Second of the run at which the powder was seen to have flowed; null where nobody has said. */
    public static function flowedS(OvenLoad $load): ?float
    {
        $seen = $load->events->firstWhere('kind', OvenEventKind::Flowed);

        return $seen === null ? null : self::second($load, $seen->at);
    }

    public static function powerIsOff(OvenLoad $load): bool
    {
        $ofPower = $load->events->filter(fn (OvenEvent $event): bool => $event->kind->isOfPower());

        return $ofPower->last()?->kind === OvenEventKind::PowerLost;
    }

    /** Seconds of the run at a moment; the run starts when the door opens on the load. */
    public static function second(OvenLoad $load, CarbonImmutable $at): float
    {
        $began = $load->beganAt() ?? $at;

        return max(0.0, $began->diffInMilliseconds($at) / 1000);
    }
}

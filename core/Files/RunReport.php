<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Curing\CureMeter;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Thermal\Trajectory;

/** The aenum-run/1 format: temperatures at chosen minutes, and what the run did to the powder. */
final class RunReport
{
    public const FORMAT = 'aenum-run/1';

    /**
     * @param  list<float>  $minutes  moments to report
     * @return array<string, mixed>
     */
    public static function of(Trajectory $run, array $minutes, ?CureSheet $powder): array
    {
        $items = [];
        foreach ($run->load as $i => $item) {
            $items[] = ['name' => $item->name]
                + self::temperatures($run, $i, $minutes)
                + ($powder === null ? [] : self::judged(Judgement::of(
                    (new CureMeter($powder))->along($run->coreCourse($i)),
                    (new CureMeter($powder))->along($run->surfaceCourse($i)),
                )));
        }

        return [
            'format' => self::FORMAT,
            'at_min' => $minutes,
            'air_c' => array_map(fn (float $m): float => round($run->airC(60 * $m), 3), $minutes),
            'shell_c' => array_map(fn (float $m): float => round($run->shellC(60 * $m), 3), $minutes),
            'energy_kwh' => round($run->energyKwh($run->endS()), 3),
            'items' => $items,
        ];
    }

    /**
     * @param  list<float>  $minutes
     * @return array<string, list<float>>
     */
    public static function temperatures(Trajectory $run, int $item, array $minutes): array
    {
        return [
            'core_c' => array_map(fn (float $m): float => round($run->coreC($item, 60 * $m), 3), $minutes),
            'surface_c' => array_map(fn (float $m): float => round($run->surfaceC($item, 60 * $m), 3), $minutes),
        ];
    }

    /** @return array<string, float|null> */
    public static function judged(Judgement $judgement): array
    {
        return [
            'dose' => round($judgement->dose, 4),
            'overbake' => $judgement->overbake === null ? null : round($judgement->overbake, 4),
            'window_min' => round($judgement->windowMinutes, 4),
            'reaches_min' => $judgement->reachesMinutes === null ? null : round($judgement->reachesMinutes, 4),
        ];
    }
}

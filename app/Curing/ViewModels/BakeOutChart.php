<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use App\Curing\Models\OvenLoadItem;
use App\Curing\Queries\LoadSchedule;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;

/** Chart data of a bake-out. */
final class BakeOutChart
{
    public static function of(BakeOutViewModel $board, Units $units): OvenChartData
    {
        $load = $board->load;
        $run = $board->plan->run;
        $slowest = $board->plan->items[$board->plan->decides];
        $ran = $load->ran();
        $pullMinutes = $load->isRunning() ? (float) $board->plan->pullMinutes : $ran->pullRunMinutes();
        $pullS = 60 * $pullMinutes;
        $end = min($run->endS(), 60 * max($pullMinutes, $slowest['done'] ?? 0.0) + 300);
        $minute = number_format($pullMinutes - $ran->door_open_s / 60, 0);

        return new OvenChartData(
            title: 'The bake-out',
            description: self::description($board, $units),
            run: $run,
            names: array_map(fn (OvenLoadItem $item): string => $item->part->name, $board->items),
            endS: $end,
            doorS: $ran->door_open_s,
            setpointC: $ran->setpoint_c,
            lineC: (float) $load->target_c,
            lineLabel: 'held from '.$units->temp((float) $load->target_c),
            window: $slowest['reaches'] === null ? null : [
                'from' => 60 * $slowest['reaches'],
                'to' => 60 * ($slowest['done'] ?? $end / 60),
                'label' => 'held',
            ],
            marks: [
                ['kind' => 'door', 'second' => $ran->door_open_s, 'label' => 'door shut'],
                ...LoadEventMarks::events($load, $units),
                ['kind' => 'pull', 'second' => $pullS, 'label' => ($load->isPulled() ? 'pulled ' : 'pull ').$minute],
            ],
            readings: LoadEventMarks::readings($load, $units),
            nowS: $load->isRunning() ? LoadSchedule::second($load->ran(), ShopClock::now()) : null,
        );
    }

    private static function description(BakeOutViewModel $board, Units $units): string
    {
        $target = $units->temp((float) $board->load->target_c);
        $says = function (OvenLoadItem $item, array $does) use ($board, $target): string {
            $reaches = $board->sinceShut($does['reaches']);

            return $reaches === null
                ? "{$item->part->name} never gets there"
                : "{$item->part->name} reaches {$target} at minute ".round($reaches);
        };

        return implode('; ', array_map($says, $board->items, $board->plan->items)).'.';
    }
}

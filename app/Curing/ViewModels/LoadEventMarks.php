<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\Reading;
use App\Curing\Queries\LoadSchedule;
use App\Platform\Presentation\Units;

/** Readings and oven events of a load as marks on its chart. */
final class LoadEventMarks
{
    /** @return list<array{kind: string, second: float, label: string}> */
    public static function events(OvenLoad $load, Units $units): array
    {
        $ran = $load->ran();

        return array_values($ran->events->map(fn (OvenEvent $event): array => [
            'kind' => 'event',
            'second' => LoadSchedule::second($ran, $event->at),
            'label' => $units->said($event->words()),
        ])->all());
    }

    /** @return list<array{second: float, celsius: float, label: string}> */
    public static function readings(OvenLoad $load, Units $units): array
    {
        return array_values($load->readings->map(fn (Reading $reading): array => [
            'second' => LoadSchedule::second($load->ran(), $reading->at),
            'celsius' => $reading->celsius,
            'label' => "reading on {$reading->item->part->name}: ".$units->temp($reading->celsius),
        ])->all());
    }
}

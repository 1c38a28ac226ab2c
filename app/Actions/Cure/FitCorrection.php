<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Cure\Correction;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** The correction a bake's readings make. The same readings on the same run are fitted once. */
final class FitCorrection
{
    public static function for(LoadOfBake $load, ?CarbonImmutable $now): Correction
    {
        $readings = $load->coreReadings();
        if ($readings === []) {
            return Correction::none();
        }
        $schedule = $load->schedule($now);
        $key = 'correction-'.hash('xxh128', serialize([$load->oven, $load->items(), $schedule, $readings]));
        $fit = Cache::get($key);
        if (! $fit instanceof Correction) {
            $fit = Correction::fit($load->oven, $load->items(), $schedule, $readings);
            Cache::put($key, $fit, 86400);
        }

        return $fit;
    }
}

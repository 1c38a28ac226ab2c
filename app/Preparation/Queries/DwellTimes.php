<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use Aenum\Core\Advice\StripStep;
use App\Accounts\Models\User;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;

/** Dwell time of a stripper by its sheet as last entered: of the shop's product, else of its family. */
final class DwellTimes
{
    private const KIND = 'dwell';

    public static function keep(StripStep $step, float $minutes, User $by): void
    {
        if (abs($minutes - $step->dwell) >= 1) {
            WriteLog::line(self::KIND, $step->key, ['minutes' => $minutes], $by);
        }
    }

    /**
     * @param  list<StripStep>  $steps
     * @return array<string, float> minutes by the step's key, where any were typed
     */
    public static function latest(array $steps): array
    {
        $lines = LogLine::of(self::KIND)
            ->whereIn('subject', array_map(fn (StripStep $one): string => $one->key, $steps))->orderBy('id');
        $latest = [];
        foreach ($lines->get() as $line) {
            $latest[(string) $line->subject] = (float) $line->figure('minutes');
        }

        return $latest;
    }
}

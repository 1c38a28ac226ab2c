<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use App\Curing\Models\OvenLoad;
use App\Platform\Presentation\Units;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\HtmlString;

/** Caches the chart of a pulled bake, which cannot change any more. */
final class CachedBakeChart
{
    private const DAYS = 30;

    public static function of(OvenLoad $bake, Units $units): HtmlString
    {
        $names = $bake->items->map(fn ($item): string => $item->part->name)->join('|');
        $key =
            'picture-'.
            hash(
                'xxh128',
                serialize([
                    $bake->id,
                    $bake->pulled_at?->getTimestampMs(),
                    $units->system,
                    $names,
                    @filemtime(__FILE__),
                    @filemtime(__DIR__.'/OvenChart.php'),
                ]),
            );
        $html = Cache::get($key);
        if (! is_string($html)) {
            $html = view('components.oven-chart', [
                'chart' => new OvenChart(BakeChart::of(BakeViewModel::of($bake), $units), $units),
                'id' => "bake-{$bake->id}",
            ])->render();
            Cache::put($key, $html, 86400 * self::DAYS);
        }

        return new HtmlString($html);
    }
}

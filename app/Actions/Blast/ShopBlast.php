<?php

declare(strict_types=1);

namespace App\Actions\Blast;

use Aenum\Core\Bench\BlastBench;
use Aenum\Core\Bench\BlastSetting;
use Aenum\Core\Blast\ShopFactor;
use Aenum\Core\Job\Plan;
use App\Models\LogLine;
use App\Models\Shop;
use App\Support\Learned;

/** The blast bench with what this shop has: its air, its media, and what its logged blasts have taught. */
final class ShopBlast
{
    /** The latest logs are the shop as it is now. */
    private const LOGS_THAT_COUNT = 60;

    public static function bench(Plan $plan, BlastSetting $set): BlastBench
    {
        return BlastBench::for($plan, Shop::current()->airLine(), self::factor(), MediaLog::lots(), $set);
    }

    /** Media worn away on all pieces, kg; none where the route has no blast. */
    public static function mediaKg(Plan $plan): float
    {
        return $plan->blasts() ? self::bench($plan, new BlastSetting())->plan->mediaKg : 0.0;
    }

    /** What the shop's logged blasts say. */
    public static function factor(): ShopFactor
    {
        return Learned::from('blast factor', 'blast', function (): ShopFactor {
            $lines = LogLine::of('blast')->orderByDesc('at')->orderByDesc('id')->limit(self::LOGS_THAT_COUNT);
            $both = fn (LogLine $line): array => [
                (float) $line->figure('planned_min'),
                (float) $line->figure('actual_min'),
            ];

            return ShopFactor::from(array_values($lines->get()->map($both)->all()));
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Advice\BlastAdvice;
use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Routing\PartRouting;
use App\Accounts\Models\Shop;
use App\Platform\Cache\LogbookCache;
use App\Routing\Models\LogLine;

/** Blast advice with this shop's air and media, corrected by its logged blasts. */
final class ShopBlast
{
    /** The latest logs are the shop as it is now. */
    private const LOGS_THAT_COUNT = 60;

    public static function bench(PartRouting $plan, BlastSetting $set): BlastAdvice
    {
        return BlastAdvice::for($plan, Shop::current()->airLine(), self::factor(), MediaLog::lots(), $set);
    }

    /** @return list<mixed> what the advice follows from, besides the plan */
    public static function restsOn(): array
    {
        return [Shop::current()->airLine(), self::factor(), MediaLog::lots()];
    }

    /** Media worn away on all pieces, kg; none where the route has no blast. */
    public static function mediaKg(PartRouting $plan): float
    {
        return $plan->blasts() ? self::bench($plan, new BlastSetting())->plan->mediaKg : 0.0;
    }

    /** What the shop's logged blasts say. */
    public static function factor(): ShopFactor
    {
        return LogbookCache::from('blast factor', 'blast', function (): ShopFactor {
            $lines = LogLine::of('blast')->orderByDesc('at')->orderByDesc('id')->limit(self::LOGS_THAT_COUNT);
            $both = fn (LogLine $line): array => [
                (float) $line->figure('planned_min'),
                (float) $line->figure('actual_min'),
            ];

            return ShopFactor::from(array_values($lines->get()->map($both)->all()));
        });
    }
}

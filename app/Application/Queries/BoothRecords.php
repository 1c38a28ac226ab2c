<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\Openness;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use App\Application\Models\Spraying;
use App\Catalog\Models\Powder;
use App\Intake\Models\Batch;
use App\Platform\Database\LevelLoader;
use Illuminate\Database\Eloquent\Builder;

/** What is on record of spraying for the batch at the booth, read in one statement. */
final readonly class BoothRecords
{
    private const SHOWN_OF_LAST_TIME = [
        'zones', 'gun', 'part.defects.reworks', 'part.coats.powder', 'part.coats.results.ovenLoad.oven',
        'part.coats.inspections.readings',
    ];

    /**
     * @param  ?Spraying  $open  under way on the batch
     * @param  ?Spraying  $lastTime  with this powder, on the same part before, else on one as open
     * @param  ShopFactor  $minutes  what spraying took, against what was planned
     * @param  ShopFactor  $transfer  of this powder on parts as open, against what was planned
     */
    private function __construct(
        public ?Spraying $open,
        public ?Spraying $lastTime,
        public ShopFactor $minutes,
        public ShopFactor $transfer,
    ) {
    }

    public static function of(Batch $batch, Powder $powder, Openness $openness): self
    {
        $like = fn (): Builder => Spraying::done()->with(self::SHOWN_OF_LAST_TIME)->where('powder_id', $powder->id)
            ->orderByDesc('id')->limit(1);
        $read = LevelLoader::together([
            'open' => Spraying::ofBatch($batch),
            'same part' => $like()->whereHas('part', fn ($part) => $part->where('name', $batch->part->name)),
            'as open' => $like()->where('openness', $openness),
            'timed' => SprayStatistics::timed(),
            'weighed' => SprayStatistics::weighed($powder, $openness),
        ]);
        /** @var array<string, \Illuminate\Database\Eloquent\Collection<int, Spraying>> $read */

        return new self(
            $read['open']->first(),
            $read['same part']->first() ?? $read['as open']->first(),
            SprayStatistics::minutesOf($read['timed']),
            SprayStatistics::transferOf($read['weighed']),
        );
    }
}

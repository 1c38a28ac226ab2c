<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use App\Platform\Cache\SharedReads;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A weight sent by a scale, waiting to be used.
 *
 * @property int $id
 * @property string $scale its name
 * @property float $grams
 * @property CarbonImmutable $at
 */
final class Weight extends BaseModel
{
    /** So long somebody may still mean it, min. House figure. */
    private const STANDS_MIN = 10;

    public $timestamps = false;

    /** The latest that still stands; null where no scale has spoken. */
    public static function latest(CarbonImmutable $now): ?self
    {
        $last = SharedReads::get('weights', self::class)->first();

        return $last?->at->gt($now->subMinutes(self::STANDS_MIN)) === true ? $last : null;
    }

    /** @return Builder<self> the last the scale has sent */
    public static function last(): Builder
    {
        return self::query()->orderByDesc('at')->limit(1);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['grams' => 'float', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

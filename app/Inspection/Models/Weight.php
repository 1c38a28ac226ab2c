<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;

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
        return self::query()->where('at', '>', $now->subMinutes(self::STANDS_MIN))->orderByDesc('at')->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['grams' => 'float', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}

<?php

declare(strict_types=1);

namespace App\Accounts\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;

/**
 * A tablet shared by many people: it is known by a cookie, and people sign in at it with their PIN.
 *
 * @property int $id
 * @property string $name
 * @property string $mark a hash of what the tablet carries
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $withdrawn_at
 */
final class Tablet extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public const COOKIE = 'aenum_tablet';

    public const COOKIE_DAYS = 400;

    public $timestamps = false;

    /**
     * Finds the tablet whose cookie a request carries; null for none, and for one that was withdrawn.
     *
     * @param  mixed  $mark  value of the cookie, as it came
     */
    public static function withCookie(mixed $mark): ?self
    {
        $tablet = is_string($mark) ? self::query()->firstWhere('mark', self::hash($mark)) : null;

        return $tablet?->withdrawn_at === null ? $tablet : null;
    }

    public static function hash(string $mark): string
    {
        return hash('sha256', $mark);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'withdrawn_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}

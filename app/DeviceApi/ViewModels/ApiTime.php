<?php

declare(strict_types=1);

namespace App\DeviceApi\ViewModels;

use Carbon\CarbonImmutable;

/** Times in the device API: UTC, to the second. */
final class ApiTime
{
    /** @return ($at is null ? null : string) */
    public static function of(?CarbonImmutable $at): ?string
    {
        return $at?->utc()->format('Y-m-d\TH:i:s\Z');
    }
}

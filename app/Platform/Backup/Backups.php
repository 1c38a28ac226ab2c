<?php

declare(strict_types=1);

namespace App\Platform\Backup;

use App\Accounts\Models\Shop;
use App\Platform\Clock\ShopClock;
use Carbon\CarbonImmutable;

/** The backups in this install's folder. */
final readonly class Backups
{
    /** One is made every night; older than this, a night went by without. h */
    public const LATE_H = 36;

    private function __construct(public ?CarbonImmutable $last, public ?string $failed)
    {
    }

    public static function now(): self
    {
        $dir = config('app.backups');
        clearstatcache();
        $times = array_map(filemtime(...), glob("{$dir}/aenum-*.tar.gz") ?: []);
        $failed = is_file("{$dir}/failed") ? trim((string) @file_get_contents("{$dir}/failed")) : null;

        return new self(
            $times === [] ? null : CarbonImmutable::createFromTimestampUTC((int) max($times)),
            $failed === '' ? null : $failed,
        );
    }

    /** A shop that was opened since the last night has none, and is not late. */
    public function isLate(): bool
    {
        $since = $this->last ?? Shop::query()->value('created_at');

        return $this->failed !== null || $since === null
            || CarbonImmutable::parse($since, 'UTC')->diffInHours(CarbonImmutable::now('UTC')) > self::LATE_H;
    }

    public function words(): string
    {
        $when = $this->last === null
            ? 'There is no backup of this shop yet'
            : 'The last backup of this shop is from '.ShopClock::local($this->last)->format('j F, H:i');

        return $when.($this->failed === null ? '.' : ', and the last try failed: '.$this->failed);
    }
}

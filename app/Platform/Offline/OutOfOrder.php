<?php

declare(strict_types=1);

namespace App\Platform\Offline;

use App\Platform\Clock\ShopClock;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Event;
use RuntimeException;

/**
 * Something would be recorded before the event it follows, because a clock was wrong. Nothing is recorded until a
 * person chooses the earliest possible time, or discards it.
 */
final class OutOfOrder extends RuntimeException
{
    private function __construct(public readonly CarbonImmutable $earliest, string $message)
    {
        parent::__construct($message);
    }

    public static function listen(): void
    {
        Event::listen('eloquent.saving: *', function (string $event, array $rows): void {
            array_map(fn (mixed $row) => $row instanceof Model ? self::check($row) : null, $rows);
        });
    }

    /** @throws self where a moment that changes in this row is before what it has to follow */
    public static function check(Model $row): void
    {
        if (! $row instanceof HappensAfter) {
            return;
        }
        foreach (array_keys($row->getDirty()) as $column) {
            $moment = $row->getAttribute($column);
            if (! $moment instanceof CarbonImmutable) {
                continue;
            }
            [$earliest, $what] = $row->comesAfter($column) ?? [null, ''];
            // A database keeps whole milliseconds.
            if ($earliest !== null && $moment->getTimestampMs() < $earliest->getTimestampMs()) {
                throw new self($earliest, sprintf(
                    'That would be at %s, before %s at %s. The clock of the tablet or of the shop was wrong.',
                    ShopClock::time($moment),
                    $what,
                    ShopClock::time($earliest),
                ));
            }
        }
    }

    /** The moment that the page below offers, as a form carries it; nobody can make up another. */
    public function token(): string
    {
        return Crypt::encryptString($this->earliest->utc()->format('Y-m-d H:i:s.v'));
    }

    /** @return CarbonImmutable|null null where it is no moment this shop has offered */
    public static function moment(mixed $token): ?CarbonImmutable
    {
        $said = is_string($token) ? rescue(fn (): string => Crypt::decryptString($token), null, false) : null;

        return is_string($said) ? CarbonImmutable::parse($said, 'UTC') : null;
    }
}

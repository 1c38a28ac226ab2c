<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\LostConnectionException;
use Illuminate\Database\UniqueConstraintViolationException;
use PDOException;
use Throwable;

/** Database errors this app handles, by MariaDB's error numbers. */
enum DatabaseFault
{
    /** Two met; one of them goes again. A cluster says the same of two writes that met on different machines. */
    case Met;

    case WaitedInVain;

    /** It cannot be reached, or went away in the middle. */
    case Gone;

    /** It is there, with fewer than half of its cluster: it neither reads nor writes, nor keeps what it had begun. */
    case CutOff;

    case NoRoom;

    private const NUMBERS = [
        1213 => self::Met,
        1205 => self::WaitedInVain,
        1053 => self::Gone,
        1077 => self::Gone,
        1927 => self::Gone,
        2002 => self::Gone,
        2003 => self::Gone,
        2006 => self::Gone,
        2013 => self::Gone,
        4031 => self::Gone,
        1047 => self::CutOff,
        1180 => self::CutOff,
        3 => self::NoRoom,
        1021 => self::NoRoom,
        1114 => self::NoRoom,
    ];

    /** Where the database has undone all of it already: PHP's word as it is to be kept, its own as part is undone. */
    private const UNDONE = '/^There is no active transaction$|SAVEPOINT \w+ does not exist/';

    /** Unique keys of numbers this app counts up itself: who comes second counts again. */
    private const COUNTED = ['jobs_number_unique', 'quotes_number_unique'];

    /** What a fault comes from; null where the database is not at fault, or in no way known here. */
    public static function in(?Throwable $fault): ?self
    {
        for (; $fault !== null; $fault = $fault->getPrevious()) {
            $number = $fault instanceof PDOException ? (int) ($fault->errorInfo[1] ?? $fault->getCode()) : null;
            if ($fault instanceof UniqueConstraintViolationException && self::isCounted($fault)) {
                return self::Met;
            }
            if ($fault instanceof PDOException && preg_match(self::UNDONE, $fault->getMessage()) === 1) {
                return self::Met;
            }
            $gone = $fault instanceof LostConnectionException
                || str_contains($fault->getMessage(), 'server has gone away');
            $known = $gone ? self::Gone : self::NUMBERS[$number] ?? null;
            if ($known !== null) {
                return $known;
            }
        }

        return null;
    }

    private static function isCounted(UniqueConstraintViolationException $fault): bool
    {
        foreach (self::COUNTED as $key) {
            if (str_contains($fault->getMessage(), $key)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what was asked may be done when it is asked again in a moment. */
    public function passes(): bool
    {
        return in_array($this, [self::Met, self::Gone, self::CutOff], true);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform\Database;

/** Locks the row for update and returns it as it is now. */
trait FindsLocked
{
    public static function findLocked(int $id): static
    {
        return self::query()->lockForUpdate()->findOrFail($id);
    }
}

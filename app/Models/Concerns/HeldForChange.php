<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** Takes the row for oneself until the transaction ends, as it is now. */
trait HeldForChange
{
    public static function held(int $id): static
    {
        return self::query()->lockForUpdate()->findOrFail($id);
    }
}

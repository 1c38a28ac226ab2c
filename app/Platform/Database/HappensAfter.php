<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Carbon\CarbonImmutable;

/** A model whose time must not be before that of the event it follows. */
interface HappensAfter
{
    /**
     * What comes before the moment in a column, asked as the row is saved with a new one there.
     *
     * @return array{?CarbonImmutable, string}|null the earlier moment and what happened then, as "before …" goes on;
     *      null where nothing has to come before
     */
    public function comesAfter(string $column): ?array;
}

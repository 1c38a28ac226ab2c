<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Carbon\CarbonImmutable;

/** A row that says when something happened, which cannot have been before something else had. */
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

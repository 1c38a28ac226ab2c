<?php

declare(strict_types=1);

namespace App\Platform\Database;

use App\Accounts\Models\User;
use Carbon\CarbonImmutable;

/** A row that is never deleted but withdrawn, by a person, at a time. */
trait Withdrawable
{
    public function withdraw(User $by, CarbonImmutable $at): void
    {
        $this->update(['withdrawn_at' => $at, 'withdrawn_by' => $by->id]);
    }
}

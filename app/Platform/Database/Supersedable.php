<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** A row that is never deleted but replaced; superseded rows are not read. */
trait Supersedable
{
    protected static function bootSupersedable(): void
    {
        static::addGlobalScope('stands', function (Builder $rows): void {
            $rows->whereNull($rows->getModel()->qualifyColumn('superseded_at'));
        });
    }

    public function supersede(?int $by, CarbonImmutable $at): void
    {
        $this->update(['superseded_at' => $at, 'superseded_by' => $by]);
    }
}
